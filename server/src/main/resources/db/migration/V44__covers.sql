-- Covers on beds: cold frames, cloches and net cages. Lengths in micrometres.
create table bed_cover (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    kind text not null,
    length bigint not null check (length > 0),
    width bigint not null check (width > 0 and width <= length),
    sections integer not null check (sections between 1 and 12),
    low bigint not null check (low > 0),
    high bigint not null check (high > 0),
    walls text not null,
    pane text not null,
    fabric text not null,
    -- The beds on which it stands, and the seasons in which it does.
    bed uuid[] not null,
    bed_from_season integer[] not null,
    bed_until_season integer[] not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (cardinality(bed) = cardinality(bed_from_season) and cardinality(bed) = cardinality(bed_until_season)),
    check (until_season > from_season)
);
