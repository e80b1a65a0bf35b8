-- What a retaining wall is to be built of; null for one that stands there.
alter table feature add column masonry text;
