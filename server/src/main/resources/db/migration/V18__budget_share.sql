-- What of the budget is meant for a part of the work, or for a season.

create table budget_share (
    garden uuid not null references garden (id) on delete cascade,
    position integer not null,
    part text check (part in ('GROUND', 'FRAMES', 'WALKS', 'FILL', 'WATER', 'FENCE', 'TOOLS', 'OTHER')),
    season integer,
    amount numeric(14, 3) not null check (amount >= 0),
    primary key (garden, position),
    check (num_nonnulls(part, season) = 1)
);
