-- What beds are filled with: parts of a mix by volume, and what lies below it; nothing noted is one good mix all through.
-- How loose stuff comes to the garden, and what of it is there already (millilitres).

alter table bed_revision
    add column fill_good text[],
    add column fill_parts integer[],
    add column below_good text,
    add column below_percent integer,
    add check (cardinality(fill_good) = cardinality(fill_parts)),
    add check ((below_good is null) = (below_percent is null));

alter table garden
    add column tipping boolean not null default true,
    add column use_spoil boolean not null default false,
    add column top_up_years integer not null default 0 check (top_up_years between 0 and 10);

create table on_hand (
    garden uuid not null references garden (id) on delete cascade,
    good text not null,
    volume bigint not null check (volume > 0),
    primary key (garden, good)
);
