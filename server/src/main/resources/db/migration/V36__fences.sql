-- Fences along lines, what the garden is to be kept from, and what ground and winter are like for posts. Lengths in micrometres.
create table fence (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    x bigint[] not null,
    y bigint[] not null,
    kind text not null,
    height bigint not null check (height > 0),
    foot text not null,
    foot_mesh text,
    foot_up bigint not null check (foot_up >= 0),
    foot_down bigint not null check (foot_down >= 0),
    posts text not null,
    fixed_x bigint[] not null,
    fixed_y bigint[] not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (cardinality(x) = cardinality(y) and cardinality(x) >= 2),
    check (cardinality(fixed_x) = cardinality(fixed_y)),
    check (until_season > from_season)
);

-- What one of the gardener's own takes is told for it alone.
create table pest (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    kind text not null,
    pressing text not null,
    own_height bigint check (own_height >= 0),
    own_mesh bigint check (own_mesh > 0),
    own_meshed bigint check (own_meshed >= 0),
    own_buried bigint check (own_buried >= 0),
    own_apron bigint check (own_apron >= 0),
    own_climbs boolean,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (until_season > from_season),
    check (num_nulls(own_height, own_mesh, own_meshed, own_buried, own_apron, own_climbs) in (0, 6))
);

create table post_ground (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    snow bigint not null check (snow >= 0),
    frost bigint not null check (frost >= 0),
    primary key (garden, id)
);

-- The fence within the plot in which a gate is; null in the edge of the plot. Where the fence is gone the gate opens nothing.
alter table way_in add column fence uuid;
