-- What was picked into a basket of a known size instead of being weighed.
alter table journal_entry add column litres double precision check (litres > 0);
