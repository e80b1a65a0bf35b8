-- A crop in a bed, or in a part of it, from one day to another. Distances in micrometres, parts as shares of the bed.
create table planting (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    crop text not null,
    bed uuid not null,
    part_from double precision not null check (part_from between 0 and 1),
    part_to double precision not null check (part_to between 0 and 1),
    part_low double precision not null check (part_low between 0 and 1),
    part_high double precision not null check (part_high between 0 and 1),
    layout text not null,
    in_row bigint check (in_row > 0),
    between_rows bigint check (between_rows > 0),
    raising text not null,
    interplanted boolean not null,
    from_day date not null,
    until_day date not null,
    primary key (garden, id),
    check (part_from < part_to and part_low < part_high),
    check (from_day < until_day)
);
