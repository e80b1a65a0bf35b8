-- Whom a garden is shared with. Its variants go with it.
create table garden_member (
    garden uuid not null references garden (id) on delete cascade,
    account uuid not null references account (id) on delete cascade,
    role text not null check (role in ('READER', 'HELPER', 'EDITOR')),
    since timestamptz not null,
    primary key (garden, account)
);
create index garden_member_account on garden_member (account);
