-- Seedlings that were counted, and the weather that was measured.
alter table journal_entry
    add column sown integer check (sown > 0),
    add column up integer check (up >= 0),
    add column rain double precision check (rain >= 0),
    add column lowest double precision,
    add column highest double precision;

-- A photo beside an entry, drawn anew in two sizes as JPEG. It goes with its entry, and can be removed by itself.
create table journal_photo (
    garden uuid not null,
    entry uuid not null,
    large bytea not null,
    small bytea not null,
    primary key (garden, entry),
    foreign key (garden, entry) references journal_entry (garden, id) on delete cascade
);
