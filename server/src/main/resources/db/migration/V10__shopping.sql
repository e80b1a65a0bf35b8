-- What somebody with the shopping list in hand has put into the cart.

create table shopping_tick (
    garden uuid not null references garden (id) on delete cascade,
    season integer not null,
    item text not null,
    primary key (garden, season, item)
);
