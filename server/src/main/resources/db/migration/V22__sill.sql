-- A way in may have a sill: its height in micrometres.

alter table way_in
    add column sill bigint not null default 0 check (sill between 0 and 600000);
