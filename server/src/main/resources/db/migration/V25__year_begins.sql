-- The day on which a garden's seasons begin, as month and day: 101 is 1 January, 701 is 1 July.
alter table garden
    add column year_begins integer not null default 101 check (year_begins between 101 and 1231);
