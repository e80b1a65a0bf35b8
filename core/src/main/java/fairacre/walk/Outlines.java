package fairacre.walk;

import fairacre.plan.BedRevision;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The outlines of a season's beds with what leans out of them, and which of them no judgement before has seen. */
final class Outlines {

    private final List<Ring> rings = new ArrayList<>();
    private final Set<Ring> fresh = new HashSet<>();

    Outlines(List<StandingBed> beds, Memo memo) {
        for (StandingBed bed : beds) {
            rings.add(memo.recall(new RingOf(bed.revision()), () -> drawn(bed)));
        }
    }

    /** The question which outline a bed has. */
    private record RingOf(BedRevision bed) {}

    private Ring drawn(StandingBed bed) {
        Ring ring = Ring.of(bed.corners()).leaning(bed.revision().leansOut().metres());
        fresh.add(ring);
        return ring;
    }

    /** In the order of the beds. */
    List<Ring> all() {
        return rings;
    }

    boolean isFresh(Ring ring) {
        return fresh.contains(ring);
    }
}
