-- What plants climb on, along a line. Lengths in micrometres.
create table trellis (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    x bigint[] not null,
    y bigint[] not null,
    kind text not null,
    height bigint not null check (height > 0),
    base bigint not null check (base > 0),
    apart bigint not null check (apart > 0),
    posts text not null,
    wind text not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (cardinality(x) = cardinality(y) and cardinality(x) >= 2),
    check (until_season > from_season)
);
