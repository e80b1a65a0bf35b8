-- A variant is a garden of its own that belongs to another one: everything that can be done with a garden can be done with it.

create table variant (
    garden uuid primary key references garden (id) on delete cascade,
    of_garden uuid not null references garden (id) on delete cascade,
    name text not null check (char_length(name) between 1 and 80),
    from_season integer not null check (from_season between 1900 and 2200),
    check (garden <> of_garden)
);
create index variant_of_garden on variant (of_garden);
