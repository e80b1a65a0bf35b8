package fairacre.crop;

import fairacre.catalogue.Hardiness;
import fairacre.catalogue.Raising;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Plantings of a season that come out too early, or are ripe after the frost. */
final class SowingSnags {

    private final SnagContext context;
    private final PlantingSnag told;
    private final SowingTimes times;

    SowingSnags(SnagContext context) {
        this.context = context;
        this.told = new PlantingSnag(context);
        this.times = new SowingTimes(context.plan(), context.season());
    }

    List<Snag> find() {
        return PlantingKinds.plantings(context.plan(), context.season()).stream()
                .filter(planting -> Plan.season(planting.from(), context.plan().yearBegins()) == context.season())
                .filter(planting -> told.bed(planting).isPresent())
                .flatMap(planting -> Stream.concat(early(planting).stream(), late(planting).stream()))
                .toList();
    }

    private Optional<Snag> early(Planting planting) {
        SowingTimes.Sown sown = SowingTimes.Sown.of(context.plan(), planting);
        return times.flaw(sown, planting.from()).map(flaw -> {
            Optional<LocalDate> better = times.firstFrom(sown, planting.from());
            Snag snag = told.snag(
                    flaw == SowingTimes.Flaw.COLD_SOIL ? CropRule.CROP_COLD_SOIL : CropRule.CROP_EARLY,
                    flaw == SowingTimes.Flaw.FROST_IN_SOME_YEARS ? Weight.NOTE : Weight.WARNING,
                    planting,
                    planting.name() + " " + comes(planting) + " on " + Wording.day(planting.from()) + "; "
                            + why(planting, flaw)
                            + better.map(day -> " From " + Wording.day(day) + " on it can.")
                                    .orElse(""),
                    () -> Stream.concat(
                                    better.stream().flatMap(day -> at(planting, day)),
                                    Stream.of(PlantingSnag.takeOut(planting)))
                            .toList());
            return better.map(day -> snag.by(PlantingSnag.days(planting.from(), day)))
                    .orElse(snag);
        });
    }

    private static String comes(Planting planting) {
        return planting.raising() == Raising.SOWN ? "is sown" : "is planted";
    }

    private String why(Planting planting, SowingTimes.Flaw flaw) {
        return switch (flaw) {
            case FROST -> "frost still comes after that in most years.";
            case FROST_IN_SOME_YEARS -> "frost still comes after that in some years.";
            case COLD_SOIL ->
                "the soil is at "
                        + context.wording()
                                .temperature(times.soil(planting.from()).orElseThrow())
                        + " then, and it comes up from "
                        + context.wording()
                                .temperature(planting.grown(context.plan()).soilFrom()) + " on.";
        };
    }

    private Optional<Snag> late(Planting planting) {
        SowingTimes.Sown sown = SowingTimes.Sown.of(context.plan(), planting);
        Optional<LocalDate> last = times.last(sown, planting.from());
        return last.filter(planting.from()::isAfter)
                .map(day -> told.snag(
                                CropRule.CROP_LATE,
                                planting.grown(context.plan()).hardiness() == Hardiness.HARDY
                                        ? Weight.NOTE
                                        : Weight.WARNING,
                                planting,
                                planting.name() + " " + comes(planting) + " on " + Wording.day(planting.from())
                                        + "; with two weeks for the short days of autumn it is ripe about "
                                        + Wording.day(
                                                planting.ripe(context.plan()).plusDays(SowingTimes.SHORT_DAYS))
                                        + ", when frost has ended its growth.",
                                () -> Stream.concat(
                                                Stream.of(day)
                                                        .filter(better -> times.flaw(sown, better)
                                                                .isEmpty())
                                                        .flatMap(better -> at(planting, better)),
                                                Stream.of(PlantingSnag.takeOut(planting)))
                                        .toList())
                        .by(PlantingSnag.days(day, planting.from())));
    }

    /** Cleared when it would have been, or as much earlier or later. */
    private static Stream<Remedy> at(Planting planting, LocalDate day) {
        String words = (planting.raising() == Raising.SOWN ? "Sow" : "Plant") + " it on " + Wording.day(day);
        return Stream.of(planting.planted(day), planting.shifted(day))
                .distinct()
                .map(other -> new Remedy(
                        other.until().equals(planting.until())
                                ? words
                                : words + ", clear it on " + Wording.day(other.until()),
                        Put.of(other)));
    }
}
