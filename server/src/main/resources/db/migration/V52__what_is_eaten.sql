-- Who eats what a garden gives, what they eat of it, and what stays where it is while the years are planned.
create table household (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    eaters double precision not null,
    primary key (garden, id)
);

create table crop_wish (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    crop text not null,
    want text not null,
    kilograms double precision,
    primary key (garden, id)
);

create table planting_lock (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    planting uuid not null,
    primary key (garden, id)
);
