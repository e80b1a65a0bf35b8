-- When it freezes where a garden is, days of the year as month * 100 + day. None where it never freezes.
create table frost (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    last_early int,
    last_middle int,
    last_late int,
    first_early int,
    first_middle int,
    first_late int,
    primary key (garden, id)
);
