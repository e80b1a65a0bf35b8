-- What stands on the horizon of a garden (degrees clockwise from true north, degrees above the level), and by which clock one looks.
create table sky (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    direction double precision[] not null,
    height double precision[] not null,
    zone text,
    primary key (garden, id),
    check (cardinality(direction) = cardinality(height))
);
