package fairacre.husbandry;

import fairacre.crop.Planting;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.sun.StandStudy;
import fairacre.sun.StandStudy.StandSun;
import fairacre.sun.SunHours;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The sun that plantings have, against what they want. */
public final class CropSun {

    /** So much less a day is felt, hours (common practice). */
    private static final double FELT = 0.5;

    private static final double HAIR = 1e-9;

    private CropSun() {}

    /** Of each planting of a season, by its id. */
    public static Map<UUID, StandSun> of(Plan plan, int season, Memo memo) {
        return StandStudy.of(plan, season, memo).stream()
                .collect(Collectors.toMap(StandSun::thing, Function.identity()));
    }

    /** What it has less than it wants, hours a day, if that is felt. */
    public static Optional<Double> lacking(Plan plan, Planting planting, StandSun sun) {
        return Optional.of(planting.grown(plan).sun() - sun.hours()).filter(lack -> lack >= FELT - HAIR);
    }

    /** The taller planting that takes most of it, if that is felt. */
    public static Optional<SunHours.Taker> taker(StandSun sun) {
        return sun.taken().stream()
                .filter(taker -> taker.hours() >= FELT - HAIR)
                .findFirst();
    }
}
