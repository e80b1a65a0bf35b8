-- Ridges of the roofs of houses and sheds. Lengths in micrometres.
alter table feature add column ridge bigint check (ridge >= height);
