package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/** Takes off what fills the beds, and their yearly top-up of compost. */
final class FillWants {

    private FillWants() {}

    /** The question what fills a bed. */
    private record JobsOf(Bed bed) {}

    /** The question what a bed takes in a year. */
    private record TopUpOf(BedRevision bed, Length depth) {}

    static void takeOff(Takeoff takeoff) {
        for (Bed bed : takeoff.plan().beds()) {
            List<FillJob> jobs = takeoff.memo().recall(new JobsOf(bed), () -> FillJob.of(bed));
            jobs.forEach(job -> job.soil()
                    .forEach((good, volume) ->
                            takeoff.loose(job.season(), Use.FILL, good, volume, Served.bed(bed.id()))));
        }
        Map<Integer, Map<UUID, Length>> depths = new HashMap<>();
        for (Bed bed : takeoff.plan().beds()) {
            seasons(takeoff, bed).forEach(season -> {
                Map<UUID, Length> planted =
                        depths.computeIfAbsent(season, unknown -> TopUp.depths(takeoff.plan(), season));
                topUp(bed, season, planted.getOrDefault(bed.id(), TopUp.DEPTH), takeoff);
            });
        }
    }

    private static IntStream seasons(Takeoff takeoff, Bed bed) {
        return takeoff.ahead()
                .map(seasons -> TopUp.seasons(takeoff.plan(), bed, seasons))
                .orElseGet(() -> TopUp.seasons(takeoff.plan(), bed));
    }

    private static void topUp(Bed bed, int season, Length depth, Takeoff takeoff) {
        Volume compost = bed.in(season)
                .map(revision -> takeoff.memo().recall(new TopUpOf(revision, depth), () -> TopUp.of(revision, depth)))
                .orElse(Volume.ZERO);
        takeoff.loose(season, Use.TOP_UP, BulkGood.COMPOST, compost, Served.bed(bed.id()));
    }
}
