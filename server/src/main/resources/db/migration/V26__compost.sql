-- Compost bays.
create table compost_bays (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    x bigint not null,
    y bigint not null,
    length bigint not null check (length > 0),
    width bigint not null check (width > 0),
    turn double precision not null check (turn >= 0 and turn < 360),
    bays integer not null check (bays between 1 and 6),
    height bigint not null check (height > 0),
    within bigint check (within > 0),
    price numeric(14, 3) check (price >= 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);
