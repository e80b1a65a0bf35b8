package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.plan.FeatureKind;
import fairacre.plan.StandingBed;
import fairacre.water.BedNeeds.BedMonth;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Crops that want more than the rain brings, in a garden without a source of water. */
final class ThirstSnags {

    private static final double WEEK = 7;
    private static final int NAMED = 3;

    private final SnagContext context;
    private final BedNeeds needs;

    ThirstSnags(SnagContext context) {
        this.context = context;
        this.needs = BedNeeds.of(context.plan(), context.season());
    }

    /** A bed in its driest month. */
    private record Thirsty(StandingBed bed, BedMonth month) {

        String crop() {
            return month.thirstiest().orElseThrow() + " in " + bed.name();
        }
    }

    List<Snag> find() {
        if (hasWater()) {
            return List.of();
        }
        List<Thirsty> thirsty = context.standing().stream()
                .flatMap(bed -> driest(bed).stream())
                .sorted(Comparator.comparingDouble(bed -> -bed.month().need().week()))
                .toList();
        return thirsty.isEmpty() ? List.of() : List.of(snag(thirsty));
    }

    private boolean hasWater() {
        return !WaterKinds.sources(context.plan(), context.season()).isEmpty()
                || context.setting().features().stream().anyMatch(feature -> feature.kind() == FeatureKind.TAP);
    }

    /** The month of a planted bed that wants most, if that is more than its soil can do without. */
    private Optional<Thirsty> driest(StandingBed bed) {
        return Optional.of(needs.of(bed.id()))
                .filter(BedNeeds.BedNeed::planted)
                .flatMap(need -> need.months().stream()
                        .filter(month -> isTooDry(bed, month.need()))
                        .max(Comparator.comparingDouble(month -> month.need().week())))
                .map(month -> new Thirsty(bed, month));
    }

    private boolean isTooDry(StandingBed bed, MonthNeed month) {
        RootSoil soil = RootSoil.of(bed.revision(), context.plan().site().soil().squeeze());
        return month.days() * month.week() / WEEK > soil.readily(month.reference() * month.crop());
    }

    private Snag snag(List<Thirsty> thirsty) {
        Thirsty worst = thirsty.get(0);
        MonthNeed month = worst.month().need();
        return Snag.of(
                        WaterRule.CROPS_UNWATERED,
                        Weight.NOTE,
                        "Nothing waters " + names(thirsty) + ": in "
                                + ProgrammeSnags.month(month.month()) + " "
                                + worst.crop() + " wants "
                                + context.wording().length(Length.millimetres(Math.rint(month.week())))
                                + " of water a week beyond the rain.",
                        Optional.of(worst.bed().outline().centre()),
                        thirsty.stream().map(each -> each.bed().id()).sorted().toList(),
                        List.of(),
                        context.remedies(this::remedies))
                .by(thirsty.size());
    }

    private static String names(List<Thirsty> thirsty) {
        String first = String.join(
                ", ", thirsty.stream().limit(NAMED).map(Thirsty::crop).toList());
        int more = thirsty.size() - NAMED;
        return more <= 0 ? first : first + " and " + more + (more == 1 ? " more bed" : " more beds");
    }

    private List<Remedy> remedies() {
        NewWater water = new NewWater(
                context.plan(), context.season(), () -> context.plan().newId("water for crops"));
        return Stream.of(
                        new Remedy("Mark a tap in the corner of the plot, to be moved to its place", water.mark()),
                        new Remedy("Put a barrel of 200 L in the corner of the plot", water.barrel()))
                .toList();
    }
}
