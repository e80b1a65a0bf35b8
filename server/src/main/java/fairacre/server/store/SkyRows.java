package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SKY;

import fairacre.server.store.generated.tables.records.SkyRecord;
import fairacre.sun.Sky;
import fairacre.sun.SunKinds;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** What is known of the sky, from rows and into rows. */
final class SkyRows {

    static final KeyedRows<SkyRecord, UUID, Sky> ROWS = KeyedRows.of(
            SunKinds.SKIES,
            SKY,
            SKY.GARDEN,
            SKY.ID,
            (row, currency) -> new Sky(
                    row.get(SKY.ID),
                    skyline(row.get(SKY.DIRECTION), row.get(SKY.HEIGHT)),
                    Optional.ofNullable(row.get(SKY.ZONE))),
            (garden, sky) -> new SkyRecord(
                    garden,
                    sky.id(),
                    column(sky, Sky.Skyline::direction),
                    column(sky, Sky.Skyline::height),
                    sky.zone().orElse(null)));

    private SkyRows() {}

    private static List<Sky.Skyline> skyline(Double[] directions, Double[] heights) {
        return IntStream.range(0, directions.length)
                .mapToObj(i -> new Sky.Skyline(directions[i], heights[i]))
                .toList();
    }

    private static Double[] column(Sky sky, ToDoubleFunction<Sky.Skyline> what) {
        return sky.horizon().stream().mapToDouble(what).boxed().toArray(Double[]::new);
    }
}
