-- How the ground falls away under a bed that part-courses make up, in micrometres.

alter table bed_revision
    add column drop_along bigint,
    add column drop_across bigint,
    add check ((drop_along is null) = (drop_across is null));
