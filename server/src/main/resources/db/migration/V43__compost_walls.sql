-- What compost bays are walled with; null if nobody told.
alter table compost_bays add column walls text;
