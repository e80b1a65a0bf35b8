-- What a bed is built with besides its boards, and how tall the gardeners are. Lengths are micrometres.

alter table bed_revision
    add column kit text,
    add column cap_width bigint check (cap_width > 0),
    add column cap_leaned_on boolean,
    add column legs bigint not null default 0 check (legs >= 0),
    add column mound bigint not null default 0 check (mound >= 0),
    add column overhang bigint not null default 0 check (overhang >= 0),
    add check ((cap_width is null) = (cap_leaned_on is null)),
    add check (kit is null or material is null),
    add check (cap_width is null or material is not null),
    add check (mound = 0 or (material is null and kit is null));

alter table gardener add column stature bigint check (stature > 0);
