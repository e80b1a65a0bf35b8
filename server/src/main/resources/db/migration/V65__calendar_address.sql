-- A private address at which a phone fetches a garden's calendar without signing in. Of its secret only a hash is kept.
create table calendar_address (
    garden uuid primary key references garden (id) on delete cascade,
    secret_hash bytea not null unique,
    made_at timestamptz not null
);
