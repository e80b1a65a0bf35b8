-- Tasks that the plan does not make; those without a season are wishes for later.
create table own_task (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    season integer,
    stage text not null,
    hours double precision not null,
    people integer not null,
    day date,
    place uuid,
    cost numeric(14, 3) check (cost >= 0),
    primary key (garden, id)
);
