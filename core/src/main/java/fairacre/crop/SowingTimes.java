package fairacre.crop;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Hardiness;
import fairacre.catalogue.PlantStock;
import fairacre.catalogue.Raising;
import fairacre.frost.FrostCalendar;
import fairacre.frost.FrostRisk;
import fairacre.frost.FrostSpread;
import fairacre.frost.Warmth;
import fairacre.over.ShelterSource;
import fairacre.plan.Plan;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * When crops may be sown and planted in a season: by frost, by what is over their bed, and by how warm the soil is.
 *
 * <p>What bears no frost stands above ground once the last frost has come in nine years of ten, and is ripe before the
 * first one in five of ten. What bears a light frost stands from the day on before which the last one has come in one
 * of ten, and is ripe before the first in nine of ten; what bears frost grows four weeks longer (common practice). The
 * last two weeks before they are ripe take plants two weeks longer in autumn, since days are short (common practice).
 */
public final class SowingTimes {

    /** Plants take so much longer in autumn, days (common practice). */
    static final int SHORT_DAYS = 14;
    /** After the first frost hardy plants grow so much longer, days (common practice). */
    private static final int HARDY_GROW = 28;
    /** What takes longer is meant to stand through the winter, days. */
    private static final double OVER_WINTER = 180;
    /** So far ahead a better day is looked for. */
    private static final int SEARCHED = 300;

    private static final double HAIR = 1e-9;

    private final FrostCalendar frost;
    private final Optional<Warmth> warmth;
    private final Map<UUID, Integer> shelters;
    private final int season;
    private final LocalDate begins;

    public SowingTimes(Plan plan, int season) {
        this.frost = FrostCalendar.of(plan);
        this.warmth = Warmth.of(plan);
        this.shelters = ShelterSource.weeks(plan, season);
        this.season = season;
        this.begins = plan.yearBegins().atYear(season);
    }

    FrostCalendar frost() {
        return frost;
    }

    /** What speaks against a day. */
    enum Flaw {
        /** Frost still comes in most years. */
        FROST,
        /** Frost still comes in some years. */
        FROST_IN_SOME_YEARS,
        COLD_SOIL
    }

    /** A crop that comes into a bed in some way. */
    record Sown(Crop crop, Raising raising, Optional<UUID> bed) {

        static Sown of(Plan plan, Planting planting) {
            return new Sown(planting.grown(plan), planting.raising(), Optional.of(planting.bed()));
        }

        /** Whether it comes up out of the soil of the bed. */
        boolean comesUp() {
            return raising == Raising.SOWN || crop.stock() == PlantStock.SETS || crop.stock() == PlantStock.TUBERS;
        }
    }

    /** What speaks against a day; nothing if frost and soil allow it. */
    Optional<Flaw> flaw(Sown sown, LocalDate day) {
        return frost(sown, day).or(() -> coldSoil(sown, day));
    }

    private Optional<Flaw> frost(Sown sown, LocalDate day) {
        if (sown.crop().perennial().isPresent()) {
            return Optional.empty();
        }
        FrostRisk risk = frost.risk(up(sown, day).plusWeeks(weeks(sown)));
        return switch (sown.crop().hardiness()) {
            case HARDY -> Optional.empty();
            case HALF_HARDY -> risk == FrostRisk.WINTER ? Optional.of(Flaw.FROST) : Optional.empty();
            case TENDER ->
                switch (risk) {
                    case WINTER, SPRING_OFTEN -> Optional.of(Flaw.FROST);
                    case SPRING_RARELY -> Optional.of(Flaw.FROST_IN_SOME_YEARS);
                    case NONE, AUTUMN_RARELY, AUTUMN_OFTEN -> Optional.empty();
                };
        };
    }

    private Optional<Flaw> coldSoil(Sown sown, LocalDate day) {
        return sown.comesUp() && weeks(sown) == 0
                ? soil(day).filter(warm -> warm < sown.crop().soilFrom() - HAIR).map(cold -> Flaw.COLD_SOIL)
                : Optional.empty();
    }

    /** How warm the soil usually is on a day, degrees Celsius; empty where nothing is known of the weather. */
    Optional<Double> soil(LocalDate day) {
        return warmth.map(known -> known.soil(MonthDay.from(day)));
    }

    /** The day on which it stands above ground. */
    private LocalDate up(Sown sown, LocalDate day) {
        return sown.comesUp() ? day.plusDays(comesUpAfter(sown.crop(), day)) : day;
    }

    /** Days until it comes up in the soil of a day. */
    long comesUpAfter(Crop crop, LocalDate day) {
        return soil(day).flatMap(crop::comesUpAfter).orElse((long) crop.germination());
    }

    private int weeks(Sown sown) {
        return sown.bed().map(bed -> shelters.getOrDefault(bed, 0)).orElse(0);
    }

    /** Counted from the last frost, as tables have it. */
    private LocalDate usual(Crop crop) {
        return frost.inSeason(MonthDay.from(frost.spring(season).plusWeeks(crop.from())), season);
    }

    /** The usual day, or the first one after it against which nothing speaks. */
    LocalDate first(Sown sown) {
        return firstFrom(
                        sown,
                        usual(sown.crop()).minusWeeks(sown.crop().perennial().isPresent() ? 0 : weeks(sown)))
                .orElseGet(() -> usual(sown.crop()));
    }

    /**
     * The first day of the season, where it never freezes and what is sown then ripens in any month; else as
     * {@link #first(Sown)}.
     */
    LocalDate firstOfSeason(Sown sown) {
        return Optional.of(begins)
                .filter(day -> ripensInAnyMonth(sown.crop()))
                .flatMap(day -> firstFrom(sown, day))
                .orElseGet(() -> first(sown));
    }

    /** The first day, from one on, against which nothing speaks. */
    Optional<LocalDate> firstFrom(Sown sown, LocalDate from) {
        return Stream.iterate(from, day -> day.plusDays(1))
                .limit(SEARCHED)
                .filter(day -> flaw(sown, day).isEmpty())
                .findFirst();
    }

    /**
     * The last day on which it can be sown or planted and ripens as is usual before frost ends its growth; empty of
     * what isn't harvested, lasts for years or stands through the winter, and where it never freezes.
     */
    Optional<LocalDate> last(Sown sown, LocalDate planted) {
        return ripenBefore(sown, planted)
                .map(end -> end.minusDays(SHORT_DAYS
                        + Math.round(sown.crop().ripens(sown.raising()).usual())));
    }

    /** Whether no winter ends its growth: what is harvested in its first year where it never freezes. */
    boolean ripensInAnyMonth(Crop crop) {
        return frost.first().isEmpty()
                && crop.perennial().isEmpty()
                && crop.ripens(NewPlantings.raising(crop)).usual() <= OVER_WINTER;
    }

    /** The day by which it must be ripe. */
    Optional<LocalDate> ripenBefore(Sown sown, LocalDate planted) {
        Crop crop = sown.crop();
        boolean judged = crop.perennial().isEmpty()
                && crop.yield().usual() > 0
                && crop.ripens(sown.raising()).usual() <= OVER_WINTER;
        return judged
                ? frost.first().flatMap(autumn -> ends(crop, autumn, planted)).map(end -> end.plusWeeks(weeks(sown)))
                : Optional.empty();
    }

    private Optional<LocalDate> ends(Crop crop, FrostSpread autumn, LocalDate planted) {
        FrostRisk risk = frost.risk(planted);
        if (risk == FrostRisk.WINTER || crop.hardiness() == Hardiness.HARDY && risk == FrostRisk.AUTUMN_OFTEN) {
            return Optional.empty();
        }
        LocalDate ended = FrostCalendar.next(autumn.late(), planted.minusDays(1));
        int before = switch (crop.hardiness()) {
            case TENDER -> -autumn.middleToLate();
            case HALF_HARDY -> 0;
            case HARDY -> HARDY_GROW;
        };
        return Optional.of(ended.plusDays(before));
    }
}
