-- A garden that is deleted can be brought back for a week.
alter table garden add column deleted_at timestamptz;
create index garden_deleted on garden (deleted_at) where deleted_at is not null;
