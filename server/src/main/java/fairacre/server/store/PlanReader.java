package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BED;
import static fairacre.server.store.generated.Tables.BED_REVISION;
import static fairacre.server.store.generated.Tables.CHANGE_LOG;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDENER;
import static fairacre.server.store.generated.Tables.PLOT_CORNER;
import static fairacre.server.store.generated.Tables.PRICE;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.min;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Board;
import fairacre.plan.Budget;
import fairacre.plan.Frame;
import fairacre.plan.Gardener;
import fairacre.plan.Joint;
import fairacre.plan.Material;
import fairacre.plan.Plan;
import fairacre.plan.Point;
import fairacre.plan.Posture;
import fairacre.plan.Price;
import fairacre.plan.PriceItem;
import fairacre.plan.Rectangle;
import fairacre.plan.Site;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;

/** Reads a whole plan, and what can be undone, in one statement. */
final class PlanReader {

    private static final Field<? extends Result<?>> CORNERS = multiset(select(PLOT_CORNER.X, PLOT_CORNER.Y)
            .from(PLOT_CORNER).where(PLOT_CORNER.GARDEN.eq(GARDEN.ID)).orderBy(PLOT_CORNER.POSITION)).as("corners");

    private static final Field<? extends Result<?>> GARDENERS = multiset(select(GARDENER.ID, GARDENER.NAME,
            GARDENER.REACH, GARDENER.POSTURE, GARDENER.PASSING)
            .from(GARDENER).where(GARDENER.GARDEN.eq(GARDEN.ID))).as("gardeners");

    private static final Field<? extends Result<?>> REVISIONS = multiset(select(BED_REVISION.FROM_SEASON,
            BED_REVISION.CENTRE_X, BED_REVISION.CENTRE_Y, BED_REVISION.LENGTH, BED_REVISION.WIDTH, BED_REVISION.TURN,
            BED_REVISION.MATERIAL, BED_REVISION.BOARD, BED_REVISION.COURSES, BED_REVISION.JOINT)
            .from(BED_REVISION).where(BED_REVISION.GARDEN.eq(BED.GARDEN)).and(BED_REVISION.BED.eq(BED.ID))
            .orderBy(BED_REVISION.FROM_SEASON)).as("revisions");

    private static final Field<? extends Result<?>> BEDS = multiset(select(BED.ID, BED.NAME, BED.RETIRED, REVISIONS)
            .from(BED).where(BED.GARDEN.eq(GARDEN.ID))).as("beds");

    private static final Field<? extends Result<?>> PRICES = multiset(select(PRICE.ITEM, PRICE.AMOUNT, PRICE.GUESS)
            .from(PRICE).where(PRICE.GARDEN.eq(GARDEN.ID))).as("prices");

    /** The newest edit that holds. */
    private static final Field<Long> UNDO = field(select(max(CHANGE_LOG.ID)).from(CHANGE_LOG)
            .where(CHANGE_LOG.GARDEN.eq(GARDEN.ID)).and(CHANGE_LOG.STATE.eq("DONE"))).as("undo");

    /** The oldest edit that was undone and not overtaken. */
    private static final Field<Long> REDO = field(select(min(CHANGE_LOG.ID)).from(CHANGE_LOG)
            .where(CHANGE_LOG.GARDEN.eq(GARDEN.ID)).and(CHANGE_LOG.STATE.eq("UNDONE"))).as("redo");

    private PlanReader() {}

    static Optional<StoredGarden> read(DSLContext database, UUID owner, UUID garden) {
        return database.select(GARDEN.asterisk(), CORNERS, GARDENERS, BEDS, PRICES, UNDO, REDO)
                .from(GARDEN).where(GARDEN.ID.eq(garden)).and(GARDEN.OWNER.eq(owner))
                .fetchOptional(PlanReader::stored);
    }

    private static StoredGarden stored(Record row) {
        CurrencyUnit currency = CurrencyUnit.of(row.get(GARDEN.CURRENCY));
        Budget budget = new Budget(money(currency, row.get(GARDEN.BUDGET)), row.get(GARDEN.CONTINGENCY));
        Site site = new Site(rows(row, CORNERS).map(PlanReader::corner), row.get(GARDEN.NORTH), row.get(GARDEN.LATITUDE));
        Plan plan = new Plan(row.get(GARDEN.ID), row.get(GARDEN.NAME), Units.valueOf(row.get(GARDEN.UNITS)),
                row.get(GARDEN.FIRST_SEASON), budget, site, rows(row, GARDENERS).map(PlanReader::gardener),
                rows(row, BEDS).map(PlanReader::bed), rows(row, PRICES).map(price -> price(price, currency)));
        return new StoredGarden(row.get(GARDEN.REVISION), plan, Optional.ofNullable(row.get(UNDO)),
                Optional.ofNullable(row.get(REDO)));
    }

    private static Point corner(Record row) {
        return new Point(new Length(row.get(PLOT_CORNER.X)), new Length(row.get(PLOT_CORNER.Y)));
    }

    private static Gardener gardener(Record row) {
        return new Gardener(row.get(GARDENER.ID), row.get(GARDENER.NAME), new Length(row.get(GARDENER.REACH)),
                Posture.valueOf(row.get(GARDENER.POSTURE)), new Length(row.get(GARDENER.PASSING)));
    }

    private static Bed bed(Record row) {
        List<BedRevision> revisions = rows(row, REVISIONS).map(PlanReader::revision);
        return new Bed(row.get(BED.ID), row.get(BED.NAME), revisions, Optional.ofNullable(row.get(BED.RETIRED)));
    }

    private static BedRevision revision(Record row) {
        Point centre = new Point(new Length(row.get(BED_REVISION.CENTRE_X)), new Length(row.get(BED_REVISION.CENTRE_Y)));
        Rectangle outline = new Rectangle(centre, new Length(row.get(BED_REVISION.LENGTH)),
                new Length(row.get(BED_REVISION.WIDTH)), row.get(BED_REVISION.TURN));
        return new BedRevision(row.get(BED_REVISION.FROM_SEASON), outline, frame(row));
    }

    private static Optional<Frame> frame(Record row) {
        return Optional.ofNullable(row.get(BED_REVISION.MATERIAL)).map(material -> new Frame(Material.of(material),
                Board.of(row.get(BED_REVISION.BOARD)), row.get(BED_REVISION.COURSES),
                Joint.valueOf(row.get(BED_REVISION.JOINT))));
    }

    private static Price price(Record row, CurrencyUnit currency) {
        return new Price(PriceItem.of(row.get(PRICE.ITEM)), money(currency, row.get(PRICE.AMOUNT)), row.get(PRICE.GUESS));
    }

    private static Money money(CurrencyUnit currency, BigDecimal amount) {
        return Money.of(currency, amount.setScale(currency.getDecimalPlaces()));
    }

    private static Result<? extends Record> rows(Record row, Field<? extends Result<?>> field) {
        return row.get(field);
    }
}
