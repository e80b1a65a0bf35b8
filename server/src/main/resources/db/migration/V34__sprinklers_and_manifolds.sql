-- A flow meter at a source.
alter table tap add column meter boolean not null default false;
alter table barrel add column meter boolean not null default false;

-- Valves side by side: micrometres.
create table manifold (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    fed_by uuid not null,
    x bigint not null,
    y bigint not null,
    valves integer not null check (valves between 2 and 4),
    height bigint not null check (height > 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);

-- Sprinklers in a bed: micrometres, millilitres an hour.
create table sprinklers (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    bed uuid not null,
    fed_by uuid not null,
    valve boolean not null,
    radius bigint not null check (radius > 0),
    flow bigint not null check (flow > 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);
