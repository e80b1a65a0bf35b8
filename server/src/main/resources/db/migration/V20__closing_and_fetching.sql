-- A way in may be open until a season in which a fence closes it. One lorry may bring several loose goods, and a gardener has vehicles
-- that fetch them: what each holds (millilitres) and may carry (kilograms).

alter table way_in
    add column until_season integer check (until_season between 1900 and 2200);

alter table garden
    add column shared_delivery boolean not null default false,
    add column vehicle_name text[] not null default '{}',
    add column vehicle_bed bigint[] not null default '{}',
    add column vehicle_payload integer[] not null default '{}',
    add check (cardinality(vehicle_name) = cardinality(vehicle_bed)),
    add check (cardinality(vehicle_name) = cardinality(vehicle_payload));
