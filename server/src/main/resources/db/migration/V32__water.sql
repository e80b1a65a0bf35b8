-- Water: taps and barrels, the pipes from them, and what lies in the beds. Heights and lengths in micrometres, volumes in millilitres,
-- flows in millilitres an hour, pressures in pascals.
create table tap (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    x bigint not null,
    y bigint not null,
    height bigint not null check (height >= 0),
    bucket bigint not null check (bucket > 0),
    seconds double precision not null check (seconds > 0),
    closed bigint check (closed > 0),
    flowing_seconds double precision check (flowing_seconds > 0),
    flowing_pressure bigint check (flowing_pressure >= 0),
    preventer boolean not null,
    filter boolean not null,
    timer boolean not null,
    reducer bigint check (reducer > 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check ((flowing_seconds is null) = (flowing_pressure is null)),
    check (until_season > from_season)
);

create table barrel (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    x bigint not null,
    y bigint not null,
    height bigint not null check (height > 0),
    holds bigint not null check (holds > 0),
    preventer boolean not null,
    filter boolean not null,
    timer boolean not null,
    reducer bigint check (reducer > 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);

-- What feeds a run or the lines of a bed may be gone: then nothing does.
create table water_run (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    fed_by uuid not null,
    x bigint[] not null,
    y bigint[] not null,
    pipe text not null,
    valve boolean not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (cardinality(x) = cardinality(y)),
    check (until_season > from_season)
);

create table dripline (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    bed uuid not null,
    fed_by uuid not null,
    valve boolean not null,
    emitters bigint not null check (emitters > 0),
    lines bigint not null check (lines > 0),
    flow bigint not null check (flow > 0),
    compensating boolean not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);

create table soaker (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    bed uuid not null,
    fed_by uuid not null,
    valve boolean not null,
    inset bigint not null check (inset > 0),
    hole bigint not null check (hole > 0),
    spacing bigint not null check (spacing > 0),
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season)
);

-- Normals of the weather, January first; humidity, wind and sun where they are known.
create table climate (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    elevation bigint not null,
    first_month integer not null check (first_month between 1 and 12),
    last_month integer not null check (last_month between 1 and 12),
    lowest double precision[] not null check (cardinality(lowest) = 12),
    highest double precision[] not null check (cardinality(highest) = 12),
    rain double precision[] not null check (cardinality(rain) = 12),
    humidity double precision[] not null check (cardinality(humidity) = 12),
    wind double precision[] not null check (cardinality(wind) = 12),
    sun double precision[] not null check (cardinality(sun) = 12),
    primary key (garden, id)
);
