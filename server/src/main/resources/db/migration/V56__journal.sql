-- What happened in a garden. Nothing here is ever altered: an entry that was wrong is taken back.

create table journal_entry (
    garden uuid not null references garden (id) on delete cascade,
    -- Made by whoever writes it down: sent twice, it is entered once.
    id uuid not null,
    -- The order of writing.
    number bigint generated always as identity,
    written_by uuid references account (id) on delete set null,
    written_at timestamptz not null,
    taken_back_at timestamptz,
    day date not null,
    about boolean not null,
    place uuid,
    task text,
    rate text,
    quantity double precision check (quantity > 0),
    hours double precision check (hours > 0),
    crop text,
    variety uuid,
    kilograms double precision check (kilograms > 0),
    pieces integer check (pieces > 0),
    cause text,
    note text,
    primary key (garden, id)
);
create index journal_entry_by_day on journal_entry (garden, day desc, number desc);
create index journal_entry_by_task on journal_entry (garden, task) where task is not null;
