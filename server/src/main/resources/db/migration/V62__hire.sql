-- Machines that are hired, and on which days.
create table hire (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    season integer not null,
    stages text[] not null,
    daily numeric(14, 3) not null check (daily >= 0),
    weekend numeric(14, 3) check (weekend >= 0),
    booked date[] not null,
    primary key (garden, id)
);

-- What somebody can do: null in all three for somebody who can do everything.
alter table worker
    add column lifts double precision,
    add column saws boolean,
    add column reach uuid;

alter table work_season add column aim text;
