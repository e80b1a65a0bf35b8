-- The step of the planning at which a note comes up again in later seasons.
alter table journal_entry add column next_time text;

create index journal_entry_next_time on journal_entry (garden, day) where next_time is not null;
