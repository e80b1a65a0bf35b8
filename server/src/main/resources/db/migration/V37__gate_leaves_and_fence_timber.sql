-- What hangs or stands in a way in; null if nobody told. Micrometres from the ground to its upper edge, its latch and its foot.
alter table way_in
    add column leaf text,
    add column hinges text,
    add column height bigint check (height > 0),
    add column latch bigint check (latch > 0),
    add column clearance bigint check (clearance >= 0),
    add check (num_nulls(leaf, hinges, height, latch, clearance) in (0, 5));

-- What the boards, rails and gates of a fence are made of.
alter table fence add column timber text not null default 'treated';
alter table fence alter column timber drop default;
