-- How long work takes, as the gardener says it.
create table own_rate (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    rate text not null,
    minutes double precision not null check (minutes > 0),
    primary key (garden, id)
);
