-- Snags that the gardener lives with, as they were when they were put aside.
create table set_aside (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    rule text not null,
    about uuid[] not null,
    x bigint,
    y bigint,
    weight text not null,
    extent double precision check (extent >= 0),
    words text not null,
    reason text not null,
    primary key (garden, id),
    check ((x is null) = (y is null))
);
