-- Any feature may come in a season: the check that only drains do was left in place when the others got their seasons, and that on the
-- number of places was dropped for it.
alter table feature
    drop constraint feature_check1,
    add check (cardinality(x) = cardinality(y));
