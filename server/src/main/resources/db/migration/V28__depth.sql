-- What lies in the ground has a depth; until now the height of a drain was the depth of its stone.
alter table feature add column depth bigint not null default 0 check (depth >= 0);
update feature set depth = least(height, 5000000), height = 0 where kind in ('DRAIN', 'BURIED_LINE');
alter table feature alter column depth drop default;
update feature set bare_in_winter = false where kind not in ('TREE', 'HEDGE');
update feature set lookout = false where kind not in ('DOOR', 'WINDOW');
