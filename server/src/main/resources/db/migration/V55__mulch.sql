-- What is laid on the soil of beds, anew in each of its seasons. Lengths in micrometres.
create table mulch (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    kind text not null,
    depth bigint not null check (depth > 0),
    first integer not null check (first between 1900 and 2200),
    seasons integer not null check (seasons between 1 and 10),
    beds uuid[] not null,
    primary key (garden, id)
);
