-- Everything that stands or lies on the plot may come in a season and go in one.
alter table feature
    drop constraint feature_check,
    add column until_season integer check (until_season between 1900 and 2200);
alter table feature rename column laid to from_season;
alter table feature add check (until_season > from_season);

alter table walk rename column season to from_season;
alter table walk
    add column until_season integer check (until_season between 1900 and 2200),
    add check (until_season > from_season);
