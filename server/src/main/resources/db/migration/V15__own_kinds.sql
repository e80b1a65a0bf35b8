-- Materials and board sizes that the gardener added; a key tells all of a kind.

alter table garden
    add column own_materials text[] not null default '{}',
    add column own_boards text[] not null default '{}';
