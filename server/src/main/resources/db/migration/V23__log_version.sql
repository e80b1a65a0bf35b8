-- In which version of the notation of changes an entry of the log is written: entries are never rewritten, but altered when they are read.

alter table change_log
    add column version smallint not null default 1 check (version >= 1);
alter table change_log
    alter column version drop default;
