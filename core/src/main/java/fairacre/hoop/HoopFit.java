package fairacre.hoop;

import fairacre.build.Holder;
import fairacre.fill.FillTakeoff;
import fairacre.measure.Length;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;

/** Over which beds the bows of a set go, and how they stand there. */
final class HoopFit {

    /** Metal bows spring by so much without being bent anew (an estimate of our own): 1 in. */
    private static final Length SPRING = Length.inches(1);

    private final HoopSet set;
    private final Optional<Length> widest;

    private HoopFit(HoopSet set, Optional<Length> widest) {
        this.set = set;
        this.widest = widest;
    }

    /** By all beds over which it stands in any season; those too wide for the length of its bows don't count. */
    static HoopFit of(Plan plan, HoopSet set) {
        return new HoopFit(
                set,
                seasons(plan, set).stream()
                        .flatMap(season -> covered(plan, set, season))
                        .filter(bed -> bed.revision().shape().plain())
                        .map(bed -> span(bed.revision(), set.pipe()))
                        .filter(Length::isPositive)
                        .filter(span ->
                                set.length().isEmpty() || ofItsLength(set, span).isPresent())
                        .max(Comparator.naturalOrder()));
    }

    /** In which something of the set may begin: its own first one, that of a place, that of how a bed is built. */
    static SortedSet<Integer> seasons(Plan plan, HoopSet set) {
        int first = Math.max(set.lifetime().from().orElse(plan.firstSeason()), plan.firstSeason());
        Stream<Integer> places = set.places().stream().flatMap(place -> place.lifetime().from().stream());
        Stream<Integer> beds = plan.beds().stream()
                .filter(bed ->
                        set.places().stream().anyMatch(place -> place.bed().equals(bed.id())))
                .map(Bed::revisions)
                .flatMap(revisions -> revisions.stream().map(BedRevision::from));
        SortedSet<Integer> seasons = new TreeSet<>();
        Stream.of(Stream.of(first), places, beds)
                .flatMap(some -> some)
                .filter(season -> season >= first && set.lifetime().includes(season))
                .forEach(seasons::add);
        return seasons;
    }

    /** The beds that stand in a season of those over which the set is. */
    static Stream<StandingBed> covered(Plan plan, HoopSet set, int season) {
        List<UUID> beds = set.beds(season).toList();
        return plan.standing(season).stream().filter(bed -> beds.contains(bed.id()));
    }

    /** Between the middles of a bow's feet, against the boards on the inside. */
    static Length span(BedRevision bed, HoopPipe pipe) {
        return inside(bed.outline().shorterSide(), bed, pipe);
    }

    /** Between the middles of the feet of the first bow and the last. */
    static Length run(BedRevision bed, HoopPipe pipe) {
        return inside(bed.outline().longerSide(), bed, pipe);
    }

    private static Optional<Bow> ofItsLength(HoopSet set, Length span) {
        return set.length().flatMap(cut -> ofLength(set, span, cut));
    }

    private static Optional<Bow> ofLength(HoopSet set, Length span, Length cut) {
        return Bow.ofLength(set.form(), span, cut.minus(set.depth().times(2)));
    }

    private static Length inside(Length outside, BedRevision bed, HoopPipe pipe) {
        return outside.minus(bed.thickness().times(2)).minus(pipe.diameter());
    }

    /** The length of the pipe of one bow, with its feet; empty if it goes by the rise and stands over no bed. */
    Optional<Length> cut() {
        return set.length()
                .or(() -> widest.flatMap(span -> set.rise()
                        .map(rise -> Bow.rising(set.form(), span, rise)
                                .length()
                                .plus(set.depth().times(2)))));
    }

    /** The bow over a bed; empty where none has room there. */
    Optional<Bow> bow(BedRevision bed) {
        Length span = span(bed, set.pipe());
        if (!span.isPositive()) {
            return Optional.empty();
        }
        // So that a rise that was given is kept to the micrometre.
        if (set.rise().isPresent() && widest.filter(made -> !made.equals(span)).isEmpty()) {
            return set.rise().map(rise -> Bow.rising(set.form(), span, rise));
        }
        return cut().flatMap(cut -> ofLength(set, span, cut));
    }

    /** A bow of a glued kind, as it is made for the widest bed; empty where none goes over it. */
    Optional<GluedBow> glued(Plan plan) {
        Length feet = set.depth().times(2);
        return widest.filter(span -> set.pipe().glued())
                .flatMap(span -> set.rise()
                        .map(rise -> Bow.rising(set.form(), span, rise))
                        .or(() -> ofItsLength(set, span)))
                .map(bow -> GluedBow.of(plan, set.pipe(), bow, feet));
    }

    /** Why it can't stand over a bed. */
    Optional<HoopMisfit> misfit(BedRevision bed) {
        if (!bed.shape().plain()) {
            return Optional.of(HoopMisfit.SHAPE);
        }
        if (set.anchor() == HoopAnchor.IN_SLEEVES && !holdsSleeves(bed)) {
            return Optional.of(HoopMisfit.NO_BOARDS);
        }
        if (bed.build().legs().isPositive() && set.depth().compareTo(soil(bed)) > 0) {
            return Optional.of(HoopMisfit.SHALLOW);
        }
        if (bow(bed).isEmpty()) {
            return Optional.of(HoopMisfit.TOO_SHORT);
        }
        Length span = span(bed, set.pipe());
        return set.pipe().staysBent()
                        && widest.filter(made -> made.minus(span).abs().compareTo(SPRING) > 0)
                                .isPresent()
                ? Optional.of(HoopMisfit.OTHER_WIDTH)
                : Optional.empty();
    }

    private static boolean holdsSleeves(BedRevision bed) {
        return bed.holder() != Holder.GROUND && bed.holder() != Holder.MOUND;
    }

    /** Depth of the soil of a table. */
    static Length soil(BedRevision table) {
        return FillTakeoff.of(table).depth();
    }

    /** Whether it can stand over a bed without being bent too tightly. */
    boolean goesOver(StandingBed bed) {
        HoopsOverBed over = over(bed);
        return over.misfit().isEmpty() && !over.bentTighterThan(set.pipe().tightest());
    }

    HoopsOverBed over(StandingBed bed) {
        BedRevision revision = bed.revision();
        Optional<HoopMisfit> misfit = misfit(revision);
        return misfit.map(why -> HoopsOverBed.not(bed.id(), why))
                .orElseGet(() -> over(bed, bow(revision).orElseThrow()));
    }

    private HoopsOverBed over(StandingBed bed, Bow bow) {
        Length run = run(bed.revision(), set.pipe());
        int bows = bows(run);
        Length length = bed.outline().longerSide();
        return new HoopsOverBed(
                bed.id(),
                Optional.empty(),
                bow.span(),
                bow.rise(),
                bow.tightest(),
                bows,
                new Length(run.micrometres() / (bows - 1)),
                bow.places(),
                HoopsOverBed.feet(bed.outline(), run, bow.span(), bows),
                covered(HoopsOverBed.HoopSheetSize.over(length, bow)),
                covered(HoopsOverBed.Ballast.against(
                        WindLift.on(set.weather().gust(), set.cover().closed(), bow.span(), bow.rise()), length)));
    }

    private <T> Optional<T> covered(T ofSheet) {
        return Optional.of(ofSheet).filter(any -> set.cover() != Fabric.NONE);
    }

    /** One at either end, and between them as many as the weather wants. */
    private int bows(Length run) {
        long apart = set.weather().apart().micrometres();
        return (int) Math.max(1, (run.micrometres() + apart - 1) / apart) + 1;
    }
}
