-- Gardens, their plans as typed rows, and the log of changes. Lengths are whole micrometres, as the core counts them.

create table account (
    id uuid primary key,
    name text not null check (char_length(name) between 3 and 254),
    password text not null,
    created_at timestamptz not null
);
create unique index account_name on account (lower(name));

create table garden (
    id uuid primary key,
    owner uuid not null references account (id) on delete cascade,
    revision bigint not null default 0 check (revision >= 0),
    name text not null,
    units text not null check (units in ('FEET_AND_INCHES', 'METRIC')),
    first_season integer not null check (first_season between 1900 and 2200),
    currency text not null check (currency ~ '^[A-Z]{3}$'),
    budget numeric(14, 3) not null check (budget >= 0),
    contingency numeric(3, 1) not null check (contingency between 0 and 50),
    north double precision not null check (north >= 0 and north < 360),
    latitude double precision not null check (latitude between -90 and 90),
    created_at timestamptz not null
);
create index garden_owner on garden (owner);

create table plot_corner (
    garden uuid not null references garden (id) on delete cascade,
    position integer not null check (position >= 0),
    x bigint not null,
    y bigint not null,
    primary key (garden, position)
);

create table gardener (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    reach bigint not null check (reach > 0),
    posture text not null check (posture in ('STANDING', 'SEATED')),
    passing bigint not null check (passing > 0),
    primary key (garden, id)
);

create table bed (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    retired integer check (retired between 1900 and 2200),
    primary key (garden, id)
);

create table bed_revision (
    garden uuid not null,
    bed uuid not null,
    from_season integer not null check (from_season between 1900 and 2200),
    centre_x bigint not null,
    centre_y bigint not null,
    length bigint not null check (length > 0),
    width bigint not null check (width > 0),
    turn double precision not null check (turn >= 0 and turn < 360),
    material text,
    board text,
    courses integer check (courses between 1 and 12),
    joint text check (joint in ('SIDES_PAST', 'ENDS_PAST')),
    primary key (garden, bed, from_season),
    foreign key (garden, bed) references bed (garden, id) on delete cascade,
    check (num_nonnulls(material, board, courses, joint) in (0, 4))
);

create table price (
    garden uuid not null references garden (id) on delete cascade,
    item text not null,
    amount numeric(14, 3) not null check (amount >= 0),
    guess boolean not null,
    primary key (garden, item)
);

-- Every edit with what it changed: "after" is the change itself, "before" the change that takes it back.
create table change_log (
    id bigint generated always as identity primary key,
    garden uuid not null references garden (id) on delete cascade,
    revision bigint not null,
    kind text not null check (kind in ('EDIT', 'UNDO', 'REDO')),
    -- Of an edit: whether it holds, was undone and may be done again, or was undone and then overtaken by another edit.
    state text check (state in ('DONE', 'UNDONE', 'OVERTAKEN')),
    -- Of an undo or redo: the edit it concerns.
    edit bigint references change_log (id) on delete cascade,
    -- The browser's own name for an edit: sent again after a lost answer it is not made twice.
    key uuid,
    made_by uuid not null references account (id) on delete cascade,
    made_at timestamptz not null,
    before jsonb not null,
    after jsonb not null,
    check ((kind = 'EDIT') = (state is not null)),
    check ((kind = 'EDIT') = (edit is null))
);
create index change_log_garden on change_log (garden, id);
create unique index change_log_key on change_log (garden, key);

-- Failed attempts to sign in, so that guessing stays slow however many programs serve.
create table sign_in_failure (
    name text not null,
    address text not null,
    failed_at timestamptz not null
);
create index sign_in_failure_name on sign_in_failure (name, failed_at);
create index sign_in_failure_address on sign_in_failure (address, failed_at);
