-- What a tap has closed in the evening, pascals.
alter table tap add column evening bigint check (evening > 0);

-- A roof that fills a barrel: square centimetres, and what of the rain comes to the barrel.
alter table barrel
    add column roof bigint check (roof > 0),
    add column runoff double precision check (runoff between 0.5 and 1),
    add column overflow text,
    add check ((roof is null) = (runoff is null)),
    add check (overflow is null or roof is not null);

-- Water that is brought by the trip: millilitres and the price; a pump: pascals, millilitres an hour, pascals.
alter table barrel
    add column trip bigint check (trip > 0),
    add column trip_price numeric(14, 3) check (trip_price >= 0),
    add column pump_closed bigint check (pump_closed > 0),
    add column pump_flow bigint check (pump_flow > 0),
    add column pump_at bigint check (pump_at >= 0),
    add check ((trip is null) = (trip_price is null)),
    add check ((pump_closed is null) = (pump_flow is null) and (pump_closed is null) = (pump_at is null));

-- A drain cock at the lowest place of the pipes.
alter table tap add column drain boolean not null default false;
alter table barrel add column drain boolean not null default false;

-- Days with rain, January first, where they are known.
alter table climate
    add column rainy_days double precision[] not null default array_fill(null::double precision, array[12])
        check (cardinality(rainy_days) = 12);

-- When pipes may water: minutes after midnight, and days of the week from 1 for Monday on.
create table watering_window (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    opens integer not null check (opens between 0 and 1439),
    closes integer not null check (closes between 1 and 1440),
    days integer[] not null check (cardinality(days) between 1 and 7),
    primary key (garden, id),
    check (opens <> closes)
);
