-- Pieces of ground, what stands on them, ways in, carriers, walks, levels, and beds of every shape. Lengths are micrometres.

alter table plot_corner add column piece integer not null default 0 check (piece >= 0);
alter table plot_corner drop constraint plot_corner_pkey, add primary key (garden, piece, position);

alter table garden
    add column approximate boolean not null default false,
    add column squeeze text not null default 'NOT_DONE'
        check (squeeze in ('NOT_DONE', 'FALLS_APART', 'HOLDS_AND_CRUMBLES', 'MAKES_A_RIBBON')),
    add column percolation bigint check (percolation >= 0),
    add column cover text not null default 'LAWN' check (cover in ('BARE', 'LAWN', 'ROUGH_GRASS', 'BRAMBLES', 'PAVED')),
    add column clearing text not null default 'SHEET_MULCH'
        check (clearing in ('NOTHING', 'SHEET_MULCH', 'TARPAULIN', 'LIFT_TURF', 'TILL_ONCE'));

create table spot_height (
    garden uuid not null references garden (id) on delete cascade,
    position integer not null check (position >= 0),
    x bigint not null,
    y bigint not null,
    height bigint not null,
    primary key (garden, position)
);

-- Each form has its own sizes and leaves the others empty; corner_x and corner_y belong together.
alter table bed_revision
    add column existing boolean not null default false,
    add column form text not null default 'RECTANGLE' check (form in ('RECTANGLE', 'ELL', 'COMB', 'OCTAGON', 'FREE')),
    add column arm_along bigint check (arm_along > 0),
    add column arm_across bigint check (arm_across > 0),
    add column arm_right boolean,
    add column fingers integer check (fingers between 2 and 40),
    add column spine bigint check (spine > 0),
    add column finger bigint check (finger > 0),
    add column corner_cut bigint check (corner_cut > 0),
    add column corner_x bigint[],
    add column corner_y bigint[],
    add check ((form = 'ELL') = (num_nonnulls(arm_along, arm_across, arm_right) = 3)),
    add check ((form = 'COMB') = (num_nonnulls(fingers, spine, finger) = 3)),
    add check ((form = 'OCTAGON') = (corner_cut is not null)),
    add check ((form = 'FREE') = (num_nonnulls(corner_x, corner_y) = 2)),
    add check (corner_x is null or cardinality(corner_x) = cardinality(corner_y));

create table keyhole (
    garden uuid not null,
    bed uuid not null,
    from_season integer not null,
    position integer not null check (position >= 0),
    side integer not null check (side >= 0),
    at bigint not null check (at >= 0),
    width bigint not null check (width > 0),
    depth bigint not null check (depth > 0),
    primary key (garden, bed, from_season, position),
    foreign key (garden, bed, from_season) references bed_revision (garden, bed, from_season) on delete cascade
);

create table feature (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    kind text not null,
    breadth bigint not null check (breadth >= 0),
    margin bigint not null check (margin >= 0),
    height bigint not null check (height >= 0),
    bare_in_winter boolean not null,
    lookout boolean not null,
    x bigint[] not null,
    y bigint[] not null,
    primary key (garden, id),
    check (cardinality(x) = cardinality(y))
);

create table way_in (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    x bigint not null,
    y bigint not null,
    width bigint not null check (width > 0),
    swing text not null check (swing in ('OPEN', 'INWARD', 'OUTWARD', 'SLIDING')),
    from_season integer check (from_season between 1900 and 2200),
    primary key (garden, id)
);

create table carrier (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    width bigint not null check (width > 0),
    wheels boolean not null,
    turning bigint not null check (turning >= 0),
    primary key (garden, id)
);

create table walk (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    grade text not null check (grade in ('MAIN', 'WORK')),
    surface text not null,
    x bigint[] not null,
    y bigint[] not null,
    primary key (garden, id),
    check (cardinality(x) = cardinality(y))
);
