-- Orders are entries that are still to be paid; the receipt that pays one names it. A photo or a PDF of the paper is kept beside its entry.

alter table receipt
    add column ordered boolean not null default false,
    add column settles uuid references receipt (id),
    add check (not ordered or settles is null);
create index receipt_by_order on receipt (settles) where settles is not null;

create table receipt_scan (
    receipt uuid primary key references receipt (id) on delete cascade,
    type text not null check (type in ('JPEG', 'PNG', 'PDF')),
    content bytea not null check (octet_length(content) <= 5000000)
);
