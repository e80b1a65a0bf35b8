-- Who works on the garden: hours from Monday to Sunday; days of their own with hours; from when to when they are away.
create table worker (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    hours double precision[] not null,
    visit_days date[] not null,
    visit_hours double precision[] not null,
    away_from date[] not null,
    away_to date[] not null,
    pace double precision not null,
    leaves text[] not null,
    primary key (garden, id)
);

-- Days that are lost to rain.
create table rain_day (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    day date not null,
    primary key (garden, id)
);

-- Tasks that are settled for a day.
create table kept_day (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    task text not null,
    day date not null,
    primary key (garden, id)
);

-- How the work of a season is planned; the order holds keys of tasks.
create table work_season (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    season integer not null,
    begins date,
    ends date,
    task_order text[] not null,
    primary key (garden, id)
);
