package fairacre.fill;

import fairacre.goods.BulkGood;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Beds too shallow for what lies at their bottom. */
final class FillSnags {

    private static final Length DEEP_ENOUGH = Length.inches(15);

    private final SnagContext context;

    FillSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        for (StandingBed bed : context.standing()) {
            if (bed.revision()
                    .build()
                    .fill()
                    .below()
                    .filter(below -> below.good() == BulkGood.WOOD)
                    .isPresent()) {
                Length depth = FillTakeoff.of(bed.revision()).depth();
                if (!bed.revision().flat() && depth.isPositive() && depth.compareTo(DEEP_ENOUGH) < 0) {
                    snags.add(shallow(bed, depth));
                }
            }
        }
        return snags;
    }

    private Snag shallow(StandingBed bed, Length depth) {
        BedRevision revision = bed.revision();
        Length above = depth.minus(revision.build().fill().below(depth));
        String words = bed.name() + " is filled only " + context.wording().length(depth) + " deep: above the wood "
                + context.wording().length(above) + " of soil are left.";
        return Snag.of(
                        FillRule.WOOD_IN_SHALLOW_BED,
                        Weight.NOTE,
                        words,
                        Optional.of(bed.outline().centre()),
                        List.of(bed.id()),
                        List.of(),
                        context.remedies(() -> List.of(new Remedy(
                                "Fill " + bed.name() + " without wood",
                                new Change.RebuildBed(
                                        bed.id(),
                                        revision.withBuild(revision.build()
                                                .withFilling(
                                                        revision.build().fill().withoutBelow())))))))
                .by(DEEP_ENOUGH.minus(depth).metres());
    }
}
