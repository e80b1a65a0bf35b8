-- Rules for crops that a gardener does not follow.
create table rules_left_aside (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    rules text[] not null,
    primary key (garden, id)
);
