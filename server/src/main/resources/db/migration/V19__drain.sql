-- A drain that is still to be laid, and bought, says in which season; what is there already doesn't.

alter table feature
    add column laid integer check (laid between 1900 and 2200),
    add check (laid is null or kind = 'DRAIN');
