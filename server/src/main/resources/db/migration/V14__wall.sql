-- A wall round a bed, in place of boards.

alter table bed_revision
    add column wall text,
    add column wall_courses integer,
    add check ((wall is null) = (wall_courses is null));
