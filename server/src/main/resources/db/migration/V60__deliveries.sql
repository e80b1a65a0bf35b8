-- What was ordered, and which stages of a season's work wait for it.
create table delivery (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    season integer not null,
    day date not null,
    stages text[] not null,
    primary key (garden, id)
);

-- Money that comes in.
create table income (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    day date not null,
    amount numeric(14, 3) not null check (amount >= 0),
    primary key (garden, id)
);
