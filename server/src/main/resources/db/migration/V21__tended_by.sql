-- Who tends a bed; nobody in particular means everybody.

alter table bed
    add column tended_by uuid[] not null default '{}';
