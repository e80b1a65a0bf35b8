-- Of the middle of the plot, degrees; null if nobody told.
alter table garden add column longitude double precision check (longitude between -180 and 180);

-- The thread in which a source ends; null if it is the usual one.
alter table tap add column thread text;
alter table barrel add column thread text;

-- Micrometres from the ground to the handle of a run's valve; 0 if nobody told.
alter table water_run add column handle bigint not null default 0 check (handle >= 0);

-- Whether it is plain tube with a dripper at each plant.
alter table dripline add column pushed_in boolean not null default false;
