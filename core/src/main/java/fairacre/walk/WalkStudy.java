package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.FeatureKind;
import fairacre.plan.Setting;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.List;
import java.util.UUID;

/**
 * Where carriers of any width can be among the beds of one season. Make one with {@link #of} and ask
 * {@link #stretches}, {@link #gaps} or {@link #pinches}; several threads may ask at once.
 *
 * <p>Without beds every answer is empty. A bed wholly off the plot, or covered by others, has no stretches. A walk that
 * is exactly as wide as a carrier lets it through; so does one narrower by less than {@link #SLACK} on either side.
 * Feet go up steps, wheels don't.
 */
public final class WalkStudy {

    /**
     * How much closer than half its width a carrier may come, metres: no tape shows it, and a millimetre less is too
     * narrow.
     */
    public static final double SLACK = 0.00025;
    /** Beds nearer than this are built against each other: no walk is meant. */
    public static final Length JOINED = Length.millimetres(50);

    private final Edges onFoot;
    private final Edges onWheels;

    private WalkStudy(Edges onFoot, Edges onWheels) {
        this.onFoot = onFoot;
        this.onWheels = onWheels;
    }

    public static WalkStudy of(Setting setting, List<StandingBed> beds) {
        return of(setting, beds, Memo.none());
    }

    /** @param memo of what was worked out before, for this plan or one like it */
    public static WalkStudy of(Setting setting, List<StandingBed> beds, Memo memo) {
        Outlines outlines = new Outlines(beds, memo);
        Edges onFoot = new Edges(new Layout(setting, beds, outlines, false, memo));
        boolean steps = setting.features().stream().anyMatch(f -> f.kind() == FeatureKind.STEPS);
        return new WalkStudy(onFoot, steps ? new Edges(new Layout(setting, beds, outlines, true, memo)) : onFoot);
    }

    /** What was worked out before, for studies that build on this one. */
    public Memo memo() {
        return onFoot.layout().memo();
    }

    /** On open ground with nothing else on it. */
    public static WalkStudy of(Site site, List<StandingBed> beds) {
        return of(Setting.of(site), beds);
    }

    /** The parts of a bed's edges at which something on wheels can be; none for a bed that doesn't stand. */
    public List<Stretch> stretches(UUID bed, Length width) {
        return onWheels.stretches(bed, width);
    }

    /**
     * The parts of a bed's edges at which somebody on their feet can be. They step into keyholes that are narrower than
     * a walk but at least a foot wide ({@link fairacre.outline.Keyhole#FOOT}) if they can stand before the mouth.
     */
    public List<Stretch> stretchesOnFoot(UUID bed, Length width) {
        return onFoot.stretchesWithKeyholes(bed, width);
    }

    /** From every edge of every bed to what faces it first. Two beds that face each other squarely are one gap. */
    public List<Gap> gaps() {
        return new GapSearch(onFoot.layout()).all();
    }

    /** Every place narrower than a carrier of this width needs, but wide enough to be meant as a walk. */
    public List<Pinch> pinches(Length width) {
        return new PinchSearch(onFoot.layout(), width).all();
    }

    /** The ground between edges of one bed: aisles of combs, the inside of a U, keyholes. */
    public List<Aisle> aisles() {
        return new AisleSearch(onFoot.layout()).all();
    }

    /**
     * A place so many metres further along the side of the plot on which a way in lies, as far as the side lets an
     * opening of this width go.
     */
    public Point alongTheEdge(Point place, double by, Length width) {
        return Openings.along(onFoot.layout().pieces(), place, by, width.metres());
    }

    Edges edges(boolean wheels) {
        return wheels ? onWheels : onFoot;
    }
}
