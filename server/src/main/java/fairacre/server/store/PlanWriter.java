package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;

import fairacre.goods.Vehicle;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.server.store.generated.tables.records.GardenRecord;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
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
        PlanRows.ALL.forEach(rows -> rows.insert(database, garden, plan));
    }

    void update(Plan before, Plan after, long revision) {
        GardenRecord row = database.newRecord(GARDEN);
        describe(row, after);
        row.setRevision(revision);
        database.update(GARDEN).set(row).where(GARDEN.ID.eq(garden)).execute();
        PlanRows.ALL.forEach(rows -> rows.update(database, garden, before, after));
    }

    private void describe(GardenRecord row, Plan plan) {
        row.setName(plan.name());
        row.setUnits(plan.units().name());
        row.setYearBegins(Columns.monthDay(plan.yearBegins()));
        row.setBudget(plan.budget().sum().getAmount());
        row.setContingency(plan.budget().contingency());
        row.setNorth(plan.site().north());
        row.setLatitude(plan.site().latitude());
        row.setLongitude(plan.site().longitude().orElse(null));
        row.setApproximate(plan.site().approximate());
        row.setSqueeze(plan.site().soil().squeeze().name());
        row.setPercolation(
                plan.site().soil().percolation().map(Length::micrometres).orElse(null));
        row.setCover(plan.site().soil().cover().name());
        row.setClearing(plan.site().soil().clearing().name());
        row.setTipping(plan.supply().tipping());
        row.setUseSpoil(plan.supply().spoil());
        row.setTopUpYears(plan.supply().topUpYears());
        List<Vehicle> vehicles = plan.supply().vehicles();
        row.setSharedDelivery(plan.supply().sharedDelivery());
        row.setVehicleName(vehicles.stream().map(Vehicle::name).toArray(String[]::new));
        row.setVehicleBed(
                vehicles.stream().map(vehicle -> vehicle.bed().millilitres()).toArray(Long[]::new));
        row.setVehiclePayload(vehicles.stream().map(Vehicle::payload).toArray(Integer[]::new));
        WorkshopRows.describe(row, plan.workshop());
    }
}
