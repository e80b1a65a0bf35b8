-- What shops asked for things on some day, with the tax that comes on top of it in per cent.

create table quote (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    item text not null,
    amount numeric(14, 3) not null check (amount >= 0),
    shop text,
    dated date not null,
    tax numeric(4, 2) not null check (tax between 0 and 50),
    pinned boolean not null,
    primary key (garden, id)
);
