package fairacre.frame;

import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Frames whose sides no board in stock is long enough for; boards sold in one length only are always joined. */
final class FrameSnags {

    private final SnagContext context;

    FrameSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        for (StandingBed bed : context.standing()) {
            bed.frame()
                    .filter(f -> f.board().stock().size() > 1)
                    .filter(f -> FrameTakeoff.isSpliced(bed.revision(), f))
                    .ifPresent(frame -> snags.add(spliced(bed, frame)));
        }
        return snags;
    }

    private Snag spliced(StandingBed bed, Frame frame) {
        Length longest = frame.board().longest();
        String words = "The sides of " + bed.name() + " are longer than the longest "
                + frame.board().label() + " (" + context.wording().length(longest) + ") and have to be spliced.";
        return Snag.of(
                FrameRule.SIDE_SPLICED,
                Weight.NOTE,
                words,
                Optional.of(bed.outline().centre()),
                List.of(bed.id()),
                List.of(),
                context.remedies(() -> remedies(bed, frame, longest)));
    }

    private List<Remedy> remedies(StandingBed bed, Frame frame, Length longest) {
        if (!bed.revision().shape().plain()) {
            return List.of(context.edits().takeOut(bed));
        }
        return List.of(shorter(bed, frame, longest));
    }

    private Remedy shorter(StandingBed bed, Frame frame, Length longest) {
        Length thickness = frame.board().thickness();
        Length both = thickness.times(2);
        Length once = frame.joint() == Joint.PINWHEEL ? thickness : Length.ZERO;
        Rectangle outline = bed.outline();
        Length length = Length.min(outline.length(), longest.plus(frame.joint() == Joint.ENDS_PAST ? both : once));
        Length width = Length.min(outline.width(), longest.plus(frame.joint() == Joint.SIDES_PAST ? both : once));
        return new Remedy(
                "Shorten " + bed.name() + " to " + context.wording().length(length) + " × "
                        + context.wording().length(width),
                Edits.reshape(bed, outline.resized(length, width)));
    }
}
