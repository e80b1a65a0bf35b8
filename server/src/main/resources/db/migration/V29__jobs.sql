-- Long solves. The table of the scheduler is as db-scheduler wants it.
create table scheduled_tasks (
    task_name text not null,
    task_instance text not null,
    task_data bytea,
    execution_time timestamptz not null,
    picked boolean not null,
    picked_by text,
    last_success timestamptz,
    last_failure timestamptz,
    consecutive_failures integer,
    last_heartbeat timestamptz,
    version bigint not null,
    priority smallint,
    primary key (task_name, task_instance)
);
create index scheduled_tasks_execution_time on scheduled_tasks (execution_time);
create index scheduled_tasks_last_heartbeat on scheduled_tasks (last_heartbeat);

create table job (
    id uuid primary key,
    account uuid not null references account (id) on delete cascade,
    garden uuid not null references garden (id) on delete cascade,
    kind text not null,
    question jsonb not null,
    revision bigint not null check (revision >= 0),
    state text not null check (state in ('WAITING', 'RUNNING', 'DONE', 'STOPPED', 'FAILED')),
    done integer not null default 0 check (done >= 0),
    steps integer not null default 0 check (steps >= done),
    answer jsonb not null,
    fault text,
    asked_at timestamptz not null
);
create index job_account on job (account, asked_at);
create index job_garden on job (garden);
