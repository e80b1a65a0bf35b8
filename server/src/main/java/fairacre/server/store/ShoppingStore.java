package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SHOPPING_TICK;

import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What of a shopping list is ticked. Whose garden it is has to be asked before. */
@Repository
public class ShoppingStore {

    private final DSLContext database;

    ShoppingStore(DSLContext database) {
        this.database = database;
    }

    /** Ticks a thing, or takes the tick away; doing it twice is the same as once. */
    public void tick(UUID garden, int season, String item, boolean ticked) {
        if (ticked) {
            database.insertInto(SHOPPING_TICK)
                    .values(garden, season, item)
                    .onConflictDoNothing()
                    .execute();
        } else {
            database.deleteFrom(SHOPPING_TICK)
                    .where(SHOPPING_TICK.GARDEN.eq(garden))
                    .and(SHOPPING_TICK.SEASON.eq(season))
                    .and(SHOPPING_TICK.ITEM.eq(item))
                    .execute();
        }
    }

    /** Keys of the things that are ticked, in order. */
    public List<String> ticked(UUID garden, int season) {
        return database.select(SHOPPING_TICK.ITEM)
                .from(SHOPPING_TICK)
                .where(SHOPPING_TICK.GARDEN.eq(garden))
                .and(SHOPPING_TICK.SEASON.eq(season))
                .orderBy(SHOPPING_TICK.ITEM)
                .fetch(SHOPPING_TICK.ITEM);
    }
}
