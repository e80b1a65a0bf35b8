-- What was paid. Nothing here is ever altered or taken out: a receipt that was wrong is taken back by an entry of its own, whose lines are
-- the negative ones. The garden's currency holds for all amounts.

create table receipt (
    id uuid primary key,
    garden uuid not null references garden (id) on delete cascade,
    entered_at timestamptz not null,
    dated date not null,
    shop text not null,
    discount numeric(14, 3) not null,
    tax numeric(14, 3) not null,
    total numeric(14, 3) not null,
    paper numeric(14, 3),
    reverses uuid unique references receipt (id)
);
create index receipt_by_date on receipt (garden, dated desc, entered_at desc, id);

create table receipt_line (
    receipt uuid not null references receipt (id) on delete cascade,
    position integer not null,
    text text not null,
    quantity numeric(9, 3) not null check (quantity <> 0),
    amount numeric(14, 3) not null,
    -- The amount with its share of discount and tax.
    cost numeric(14, 3) not null,
    part text not null check (part in ('GROUND', 'FRAMES', 'WALKS', 'FILL', 'WATER', 'FENCE', 'TOOLS', 'OTHER')),
    item text,
    primary key (receipt, position)
);
