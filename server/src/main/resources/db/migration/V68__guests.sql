-- Who looks round without an account has one for a while, with a copy of the demo of their own.
alter table account add column guest_until timestamptz;
create index account_guest_until on account (guest_until) where guest_until is not null;
alter table sign_up add column guest boolean not null default false;
delete from account where name = 'demo@fairacre.example';

-- A link with which anybody may look at a garden; who came by it is let out again when it is taken back.
create table garden_link (
    garden uuid primary key references garden (id) on delete cascade,
    secret_hash bytea not null unique,
    made_at timestamptz not null
);
alter table garden_member add column by_link boolean not null default false;

-- Codes with which somebody who has forgotten their password sets another, each once; those of the operator for a day.
create table recovery_code (
    account uuid not null references account (id) on delete cascade,
    code_hash bytea not null,
    made_at timestamptz not null,
    holds_until timestamptz,
    primary key (account, code_hash)
);
