-- Arches of a stiff panel from one foot to the other.
create table arch (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    from_x bigint not null,
    from_y bigint not null,
    to_x bigint not null,
    to_y bigint not null,
    panel bigint not null check (panel > 0),
    width bigint not null check (width > 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);
