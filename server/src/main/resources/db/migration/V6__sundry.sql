-- What is paid for, or come by, besides what is taken off the drawing. The garden's currency holds for the price.

create table sundry (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    season integer not null,
    part text not null check (part in ('GROUND', 'FRAMES', 'WALKS', 'FILL', 'WATER', 'FENCE', 'TOOLS', 'OTHER')),
    quantity numeric(9, 3) not null check (quantity > 0),
    price numeric(14, 3) check (price >= 0),
    acquired text not null check (acquired in ('BOUGHT', 'KEPT', 'FREE')),
    primary key (garden, id)
);
