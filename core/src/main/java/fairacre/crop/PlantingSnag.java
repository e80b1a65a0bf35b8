package fairacre.crop;

import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.outline.Point;
import fairacre.plan.BedRevision;
import fairacre.plan.Remove;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** How snags about plantings are told. */
public final class PlantingSnag {

    private final SnagContext context;

    public PlantingSnag(SnagContext context) {
        this.context = context;
    }

    public Optional<BedRevision> bed(Planting planting) {
        return PlantingStudy.bed(context.standing(), planting.bed());
    }

    /** At its first plant. */
    public Snag snag(Rule rule, Weight weight, Planting planting, String words, Supplier<List<Remedy>> remedies) {
        Optional<Point> place = bed(planting)
                .flatMap(bed ->
                        PlantPlaces.of(context.plan(), bed, planting).stream().findFirst());
        return Snag.of(
                        rule,
                        weight,
                        words,
                        place,
                        bed(planting).isPresent() ? List.of(planting.bed()) : List.of(),
                        List.of(),
                        context.remedies(remedies))
                .about(context.ref(planting.id()));
    }

    static int days(LocalDate from, LocalDate until) {
        return Math.toIntExact(ChronoUnit.DAYS.between(from, until));
    }

    public static Remedy takeOut(Planting planting) {
        return new Remedy("Do without " + planting.name(), new Remove<>(PlantingKinds.PLANTINGS, planting.id()));
    }
}
