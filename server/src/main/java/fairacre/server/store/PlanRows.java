package fairacre.server.store;

import fairacre.plan.ThingLists;
import fairacre.plan.Things;
import java.util.List;
import java.util.stream.Stream;
import org.jooq.Record;

/** All rows of a plan besides that of the garden itself: the one list that reading and writing go through. */
final class PlanRows {

    /** The kinds of things, each with the rows it is kept in. */
    private static final List<KeyedRows<?, ?, ?>> THINGS = Stream.concat(
                    Stream.of(
                            GardenerRows.ROWS,
                            FeatureRows.ROWS,
                            WayInRows.ROWS,
                            CarrierRows.ROWS,
                            WalkRows.ROWS,
                            SundryRows.ROWS,
                            QuoteRows.ROWS,
                            CompostRows.ROWS,
                            SkyRows.ROWS,
                            HoopRows.ROWS,
                            CoverRows.ROWS,
                            FurnitureRows.ROWS,
                            ArchRows.ROWS,
                            TrellisRows.ROWS,
                            TunnelRows.ROWS,
                            FrostRows.ROWS,
                            RulesLeftAsideRows.ROWS,
                            SoilDiseaseRows.ROWS,
                            CrewRows.WORKERS,
                            CrewRows.RAIN_DAYS,
                            CrewRows.KEPT_DAYS,
                            CrewRows.WORK_SEASONS,
                            OwnTaskRows.ROWS,
                            ArrivalRows.DELIVERIES,
                            ArrivalRows.INCOMES,
                            ArrivalRows.HIRES,
                            CrewRows.OWN_RATES,
                            HouseholdRows.ROWS,
                            CropWishRows.ROWS,
                            PlantingLockRows.ROWS,
                            PlantingRows.ROWS,
                            SoilTestRows.ROWS,
                            MulchRows.ROWS,
                            VarietyRows.ROWS,
                            SetAsideRows.ROWS),
                    Stream.of(WaterRows.ALL, FenceRows.ALL).flatMap(List::stream))
            .toList();

    static final List<Rows> ALL = Stream.concat(
                    Stream.of(
                            SiteRows.CORNERS,
                            SiteRows.LEVELS,
                            BedRows.ROWS,
                            PurseRows.PRICES,
                            PurseRows.SHARES,
                            PurseRows.ON_HANDS,
                            WorkshopRows.OFFCUTS),
                    THINGS.stream())
            .toList();

    private PlanRows() {}

    /** The things of all kinds in the row of a garden. */
    static ThingLists things(Record row) {
        ThingLists lists = ThingLists.NONE;
        for (KeyedRows<?, ?, ?> rows : THINGS) {
            lists = rows.into(lists, row);
        }
        return lists;
    }

    /** The kinds of things that are kept. */
    static Stream<Things<?>> kinds() {
        return THINGS.stream().flatMap(rows -> rows.things().stream());
    }
}
