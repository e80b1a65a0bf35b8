-- What a laboratory or a kit says of the soil.
create table soil_test (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    name text not null,
    taken date not null,
    acidity double precision not null,
    texture text not null,
    phosphorus text,
    potassium text,
    amending text not null,
    beds uuid[] not null,
    primary key (garden, id)
);
