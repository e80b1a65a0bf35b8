-- What a frame has besides its boards; nothing noted is what is usual for it. Two more joints.
-- With what boards are cut, and those that are there already (micrometres); flaws are stretches from one end of the board.

alter table bed_revision
    drop constraint bed_revision_joint_check,
    add constraint bed_revision_joint_check check (joint in ('SIDES_PAST', 'ENDS_PAST', 'PINWHEEL', 'MITRE')),
    add column posts text,
    add column support text,
    add column liner boolean,
    add column underlay text,
    add check (num_nulls(posts, support, liner, underlay) in (0, 4));

alter table garden
    add column kerf bigint not null default 3175 check (kerf >= 0),
    add column trim_end bigint not null default 12700 check (trim_end >= 0),
    add column tight boolean not null default false;

create table offcut (
    garden uuid not null references garden (id) on delete cascade,
    position integer not null,
    material text not null,
    board text not null,
    length bigint not null check (length > 0),
    count integer not null check (count > 0),
    flaw_from bigint[] not null,
    flaw_to bigint[] not null,
    primary key (garden, position),
    check (cardinality(flaw_from) = cardinality(flaw_to))
);
