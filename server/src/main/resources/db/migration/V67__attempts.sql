-- Guesses are slowed by name and address. An attempt is noted before its password is looked at, and forgotten if it was
-- right: so guesses that are made at the same time are counted.
alter table sign_in_failure rename to sign_in_attempt;
alter table sign_in_attempt rename column failed_at to made_at;
alter table sign_in_attempt add column id bigint generated always as identity primary key;

-- New accounts, so that they are not made without end.
create table sign_up (
    address text not null,
    made_at timestamptz not null
);
create index sign_up_address on sign_up (address, made_at);

-- What somebody did in another's garden stays when their account is deleted.
alter table change_log
    alter column made_by drop not null,
    drop constraint change_log_made_by_fkey,
    add foreign key (made_by) references account (id) on delete set null;
create index change_log_made_by on change_log (made_by);
create index journal_entry_written_by on journal_entry (written_by);
