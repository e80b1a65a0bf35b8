-- Benches, tables, racks, stands, bins, and structures of one's own. Lengths in micrometres.
create table furniture (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    kind text not null,
    x bigint not null,
    y bigint not null,
    length bigint not null check (length > 0),
    width bigint not null check (width > 0),
    turn double precision not null check (turn >= 0 and turn < 360),
    height bigint not null check (height > 0),
    material text not null,
    slabs boolean not null,
    -- Pieces of what is one's own.
    board text[] not null,
    board_length bigint[] not null,
    board_count integer[] not null,
    sheet text[] not null,
    sheet_length bigint[] not null,
    sheet_width bigint[] not null,
    sheet_count integer[] not null,
    from_season integer check (from_season between 1900 and 2200),
    until_season integer check (until_season between 1900 and 2200),
    primary key (garden, id),
    check (cardinality(board) = cardinality(board_length) and cardinality(board) = cardinality(board_count)),
    check (cardinality(sheet) = cardinality(sheet_length) and cardinality(sheet) = cardinality(sheet_width)
        and cardinality(sheet) = cardinality(sheet_count)),
    check (until_season > from_season)
);
