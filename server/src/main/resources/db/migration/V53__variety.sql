-- Own crops and varieties, and which of them is planted or wished for.
create table variety (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    crop text not null,
    own_crop boolean not null,
    figures text[] not null,
    breeding text,
    chosen text[] not null,
    note text,
    seeds integer,
    seed_year integer,
    germination double precision,
    no_more boolean,
    primary key (garden, id)
);

alter table planting add column variety uuid;
alter table crop_wish add column variety uuid;
