-- Sets of hoops over beds: their bows go by their rise or by the length of their pipes.
create table hoop_set (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    form text not null,
    pipe text not null,
    rise bigint check (rise > 0),
    length bigint check (length > 0),
    anchor text not null,
    depth bigint not null check (depth > 0),
    weather text not null,
    cover text not null,
    -- The beds over which it stands, and the seasons in which it does.
    bed uuid[] not null,
    bed_from_season integer[] not null,
    bed_until_season integer[] not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (num_nonnulls(rise, length) = 1),
    check (cardinality(bed) = cardinality(bed_from_season) and cardinality(bed) = cardinality(bed_until_season)),
    check (until_season > from_season)
);

-- What stands on or over beds is a part of the work.
alter table sundry drop constraint sundry_part_check;
alter table sundry add constraint sundry_part_check
    check (part in ('GROUND', 'FRAMES', 'WALKS', 'FILL', 'WATER', 'FENCE', 'STRUCTURES', 'TOOLS', 'OTHER'));
alter table receipt_line drop constraint receipt_line_part_check;
alter table receipt_line add constraint receipt_line_part_check
    check (part in ('GROUND', 'FRAMES', 'WALKS', 'FILL', 'WATER', 'FENCE', 'STRUCTURES', 'TOOLS', 'OTHER'));
alter table budget_share drop constraint budget_share_part_check;
alter table budget_share add constraint budget_share_part_check
    check (part in ('GROUND', 'FRAMES', 'WALKS', 'FILL', 'WATER', 'FENCE', 'STRUCTURES', 'TOOLS', 'OTHER'));
