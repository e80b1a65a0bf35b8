package fairacre.cover;

import fairacre.frame.Families;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.sheet.SheetGood;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;

/** Covers to begin with: of the size of their first bed, in as few sections as one person lifts. */
public final class NewCovers {

    private NewCovers() {}

    /**
     * The change that builds one.
     *
     * @param beds on which it is to stand; empty for the first bed of the family of equal rectangles with the most
     * @throws RefusedException if no bed is there, or the first is none that a cover stands on
     */
    public static Put<BedCover> on(Plan plan, int season, CoverKind kind, List<UUID> beds, UUID id) {
        List<StandingBed> standing = plan.standing(season);
        List<UUID> wanted = beds.isEmpty() ? firstOfTheLargestFamily(standing) : beds;
        StandingBed first = standing.stream()
                .filter(bed -> wanted.contains(bed.id()))
                .min(Comparator.comparingInt(bed -> wanted.indexOf(bed.id())))
                .orElseThrow(() -> new RefusedException(
                        "beds", "there is no bed for it in " + season, "choose a bed that stands then"));
        if (!first.revision().shape().plain() || !hasRoom(first)) {
            throw new RefusedException(
                    "beds",
                    "a cover needs a bed with four corners, 0.3 to 3 m wide and up to 12 m long",
                    "choose another bed, or hoops");
        }
        Rectangle outline = first.outline();
        BedCover begun = new BedCover(
                id,
                Names.free(
                        plan.list(CoverKinds.COVERS).stream()
                                .map(BedCover::name)
                                .toList(),
                        kind.label()),
                kind,
                outline.longerSide(),
                outline.shorterSide(),
                1,
                kind.usualLow(plan.units()),
                kind.usualHigh(plan.units()),
                SheetGood.PLYWOOD_18,
                SheetGood.TWIN_WALL_6,
                Fabric.INSECT_NET,
                wanted.stream()
                        .distinct()
                        .map(bed -> new BedPlace(bed, Lifetime.ALWAYS))
                        .toList(),
                Lifetime.from(season));
        return Put.of(CoverSections.tidy(plan, begun));
    }

    /** The same as another kind, with the heights to begin with. */
    static BedCover otherKind(Plan plan, BedCover cover, CoverKind kind) {
        return CoverSections.tidy(
                plan,
                new BedCover(
                        cover.id(),
                        cover.name(),
                        kind,
                        cover.length(),
                        cover.width(),
                        cover.sections(),
                        kind.usualLow(plan.units()),
                        kind.usualHigh(plan.units()),
                        cover.walls(),
                        cover.pane(),
                        cover.fabric(),
                        cover.places(),
                        cover.lifetime()));
    }

    /** Whether a cover can be as large as a bed. */
    static boolean hasRoom(StandingBed bed) {
        Length longer = bed.outline().longerSide();
        Length shorter = bed.outline().shorterSide();
        return shorter.compareTo(BedCover.SMALLEST) >= 0
                && shorter.compareTo(BedCover.WIDEST) <= 0
                && longer.compareTo(BedCover.LONGEST) <= 0;
    }

    private static List<UUID> firstOfTheLargestFamily(List<StandingBed> standing) {
        return Families.of(standing).families().stream()
                .max(Comparator.comparingInt(family -> family.beds().size()))
                .map(family -> family.beds().subList(0, 1))
                .orElse(List.of());
    }
}
