-- A disease that was found in the soil of a bed, on the day on which it was found last.
create table soil_disease (
    garden uuid not null references garden (id) on delete cascade,
    id uuid not null,
    disease text not null,
    bed uuid not null,
    found date not null,
    primary key (garden, id)
);
