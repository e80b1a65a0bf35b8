package fairacre.tunnel;

import fairacre.ground.Levels;
import fairacre.hoop.GluedBow;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.over.Fabric;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** How the tunnels of a season stand; {@link #told} tells it of each. */
public final class TunnelStudy {

    /**
     * A foot is at a bed's boards up to so far from them; a bed is inside that reaches no further over a side: 2 in.
     */
    static final double AT_THE_EDGE = Length.inches(2).metres();

    private static final double HAIR = 5e-6;
    /** Along a steeper slope the ridge is not set level by longer feet: 1 in 20 (common practice). */
    private static final double STEEP = 1.0 / 20;

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;
    private final Optional<Levels> levels;

    private TunnelStudy(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.standing = standing;
        this.levels = Levels.of(plan.site().levels(), memo);
    }

    public static TunnelStudy of(Plan plan, int season, List<StandingBed> standing, Memo memo) {
        return new TunnelStudy(plan, season, standing, memo);
    }

    /** Of all tunnels of the season. */
    public List<TunnelTold> told() {
        return TunnelKinds.tunnels(plan, season).stream().map(this::told).toList();
    }

    TunnelTold told(WalkInTunnel tunnel) {
        TunnelFrame frame = new TunnelFrame(plan.units(), tunnel);
        List<List<Point>> feet = frame.feet();
        TunnelFeet held = new TunnelFeet(tunnel, frame, standing);
        Optional<Length> along = levels.map(lie -> fallAlong(tunnel, lie));
        return new TunnelTold(
                tunnel.id(),
                inside(tunnel).stream().map(StandingBed::id).toList(),
                cut(tunnel).stream().map(StandingBed::id).toList(),
                frame.bows(),
                frame.apart(),
                frame.bow().length(),
                frame.bow().tightest(),
                tunnel.pipe().tightest(),
                frame.bow().legs(),
                frame.bow().places(),
                feet,
                held.onBoards(),
                held.onStakes(),
                frame.doorHeight(),
                aisles(tunnel),
                frame.floor(),
                frame.openings(),
                frame.air(),
                TunnelSheet.of(plan.units(), tunnel),
                along,
                levels.map(lie -> fallAcross(feet, lie)),
                tunnel.pipe().kilograms(frame.pipe()),
                held.hold(),
                frame.glued(plan),
                cautions(tunnel, along));
    }

    List<TunnelTold.TunnelAisle> aisles(WalkInTunnel tunnel) {
        return new TunnelAisles(plan, season, standing, tunnel).all();
    }

    /** What is free at both of its ends. */
    List<TunnelAisles.Span> atTheEnds(WalkInTunnel tunnel) {
        return new TunnelAisles(plan, season, standing, tunnel).atTheEnds();
    }

    /** Beds that stand all within it; their boards may stand outside of the bows. */
    List<StandingBed> inside(WalkInTunnel tunnel) {
        Geometry ground = ground(tunnel);
        Geometry wide = ground.buffer(AT_THE_EDGE + HAIR);
        return standing.stream()
                .filter(bed -> wide.covers(Polygons.of(bed.corners())))
                .toList();
    }

    /** Beds through which a side or an end runs. */
    List<StandingBed> cut(WalkInTunnel tunnel) {
        Geometry ground = ground(tunnel);
        Geometry narrow = ground.buffer(-AT_THE_EDGE - HAIR);
        Geometry wide = ground.buffer(AT_THE_EDGE + HAIR);
        return standing.stream()
                .filter(bed -> {
                    Geometry outline = Polygons.of(bed.corners());
                    return narrow.intersects(outline) && !wide.covers(outline);
                })
                .toList();
    }

    static Geometry ground(WalkInTunnel tunnel) {
        return Polygons.of(tunnel.place().corners());
    }

    private static Length fallAlong(WalkInTunnel tunnel, Levels lie) {
        double half = tunnel.place().length().metres() / 2;
        return lie.fall(tunnel.place().at(-half, 0), tunnel.place().at(half, 0)).abs();
    }

    private static Length fallAcross(List<List<Point>> feet, Levels lie) {
        return feet.stream()
                .map(pair -> lie.fall(pair.get(0), pair.get(1)).abs())
                .max(Comparator.naturalOrder())
                .orElse(Length.ZERO);
    }

    private static List<String> cautions(WalkInTunnel tunnel, Optional<Length> along) {
        List<String> cautions = new ArrayList<>();
        cautions.add("What snow and wind it bears is for the maker's table or the local code to say, and in many places"
                + " a tunnel needs a permit: ask before you build.");
        if (tunnel.cover() == Fabric.FILM) {
            cautions.add("Open doors and sides whenever the sun is out: under closed film plants and people overheat.");
        }
        cautions.add("Before a storm close it and tie it down; sweep snow off while it falls, from outside.");
        cautions.add("Electricity, heaters and gas in it are for a licensed trade.");
        if (tunnel.footing() == TunnelFooting.STAKES) {
            cautions.add("Before stakes are driven in, have buried lines marked.");
        }
        if (tunnel.pipe().glued()) {
            cautions.add(GluedBow.CAUTION);
        }
        along.filter(fall ->
                        Levels.isSteeper(fall.metres() / tunnel.place().length().metres(), STEEP))
                .ifPresent(fall -> cautions.add("The ground falls by more than 1 in 20 along it: let the ridge follow"
                        + " the ground, and brace the end bows against the slope."));
        return cautions;
    }
}
