-- How walks are made: in which season, of which layers from the lowest up (micrometres), dug in or not, edged or not.

alter table walk
    add column season integer,
    add column layer_kind text[] not null default '{}',
    add column layer_depth bigint[] not null default '{}',
    add column dug_in boolean not null default false,
    add column edged boolean not null default false,
    add check (cardinality(layer_kind) = cardinality(layer_depth));
