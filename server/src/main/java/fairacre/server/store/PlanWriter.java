package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BED;
import static fairacre.server.store.generated.Tables.BED_REVISION;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.GARDENER;
import static fairacre.server.store.generated.Tables.PLOT_CORNER;
import static fairacre.server.store.generated.Tables.PRICE;

import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Frame;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Point;
import fairacre.plan.Price;
import fairacre.plan.Site;
import fairacre.server.store.generated.tables.records.BedRecord;
import fairacre.server.store.generated.tables.records.BedRevisionRecord;
import fairacre.server.store.generated.tables.records.GardenRecord;
import fairacre.server.store.generated.tables.records.GardenerRecord;
import fairacre.server.store.generated.tables.records.PlotCornerRecord;
import fairacre.server.store.generated.tables.records.PriceRecord;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jooq.DSLContext;

/** Writes the rows in which one plan differs from another. */
final class PlanWriter {

    private final DSLContext database;
    private final UUID garden;

    PlanWriter(DSLContext database, UUID garden) {
        this.database = database;
        this.garden = garden;
    }

    void insert(UUID owner, Plan plan, OffsetDateTime now) {
        GardenRecord row = database.newRecord(GARDEN);
        row.setId(garden);
        row.setOwner(owner);
        row.setRevision(0L);
        row.setFirstSeason(plan.firstSeason());
        row.setCurrency(plan.currency().getCode());
        row.setCreatedAt(now);
        describe(row, plan);
        row.insert();
        insertCorners(plan.site());
        insertGardeners(plan.gardeners());
        insertBeds(plan.beds());
        insertPrices(plan.prices());
    }

    void update(Plan before, Plan after, long revision) {
        GardenRecord row = database.newRecord(GARDEN);
        describe(row, after);
        row.setRevision(revision);
        database.update(GARDEN).set(row).where(GARDEN.ID.eq(garden)).execute();
        if (!before.site().corners().equals(after.site().corners())) {
            database.deleteFrom(PLOT_CORNER).where(PLOT_CORNER.GARDEN.eq(garden)).execute();
            insertCorners(after.site());
        }
        deleteGone(before.gardeners(), after.gardeners(), Gardener::id,
                ids -> database.deleteFrom(GARDENER).where(GARDENER.GARDEN.eq(garden)).and(GARDENER.ID.in(ids)).execute());
        insertGardeners(fresh(before.gardeners(), after.gardeners()));
        deleteGone(before.beds(), after.beds(), Bed::id,
                ids -> database.deleteFrom(BED).where(BED.GARDEN.eq(garden)).and(BED.ID.in(ids)).execute());
        insertBeds(fresh(before.beds(), after.beds()));
        deleteGone(before.prices(), after.prices(), p -> p.item().key(),
                keys -> database.deleteFrom(PRICE).where(PRICE.GARDEN.eq(garden)).and(PRICE.ITEM.in(keys)).execute());
        insertPrices(fresh(before.prices(), after.prices()));
    }

    private interface Delete<K> {
        void these(List<K> keys);
    }

    /** Deletes what is no longer there as it was; what changed is written anew. */
    private static <T, K> void deleteGone(List<T> before, List<T> after, Function<T, K> key, Delete<K> delete) {
        List<K> gone = fresh(after, before).stream().map(key).toList();
        if (!gone.isEmpty()) {
            delete.these(gone);
        }
    }

    private static <T> List<T> fresh(List<T> before, List<T> after) {
        Set<T> known = new HashSet<>(before);
        return after.stream().filter(value -> !known.contains(value)).toList();
    }

    private void describe(GardenRecord row, Plan plan) {
        row.setName(plan.name());
        row.setUnits(plan.units().name());
        row.setBudget(plan.budget().sum().getAmount());
        row.setContingency(plan.budget().contingency());
        row.setNorth(plan.site().north());
        row.setLatitude(plan.site().latitude());
    }

    private void insertCorners(Site site) {
        List<PlotCornerRecord> rows = new ArrayList<>();
        for (Point corner : site.corners()) {
            rows.add(new PlotCornerRecord(garden, rows.size(), corner.x().micrometres(), corner.y().micrometres()));
        }
        database.batchInsert(rows).execute();
    }

    private void insertGardeners(List<Gardener> gardeners) {
        database.batchInsert(gardeners.stream().map(g -> new GardenerRecord(garden, g.id(), g.name(),
                g.reach().micrometres(), g.posture().name(), g.passing().micrometres())).toList()).execute();
    }

    private void insertBeds(List<Bed> beds) {
        database.batchInsert(beds.stream()
                .map(bed -> new BedRecord(garden, bed.id(), bed.name(), bed.retired().orElse(null))).toList()).execute();
        database.batchInsert(beds.stream().flatMap(this::revisions).toList()).execute();
    }

    private Stream<BedRevisionRecord> revisions(Bed bed) {
        return bed.revisions().stream().map(revision -> revision(bed.id(), revision));
    }

    private BedRevisionRecord revision(UUID bed, BedRevision revision) {
        BedRevisionRecord row = new BedRevisionRecord();
        row.setGarden(garden);
        row.setBed(bed);
        row.setFromSeason(revision.from());
        row.setCentreX(revision.outline().centre().x().micrometres());
        row.setCentreY(revision.outline().centre().y().micrometres());
        row.setLength(revision.outline().length().micrometres());
        row.setWidth(revision.outline().width().micrometres());
        row.setTurn(revision.outline().turn());
        revision.frame().ifPresent(frame -> setFrame(row, frame));
        return row;
    }

    private static void setFrame(BedRevisionRecord row, Frame frame) {
        row.setMaterial(frame.material().key());
        row.setBoard(frame.board().key());
        row.setCourses(frame.courses());
        row.setJoint(frame.joint().name());
    }

    private void insertPrices(List<Price> prices) {
        database.batchInsert(prices.stream().map(price -> new PriceRecord(garden, price.item().key(),
                price.amount().getAmount(), price.guess())).toList()).execute();
    }
}
