package fairacre.trellis;

import fairacre.arch.ArchStudy;
import fairacre.arch.Soil;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.parts.Parts;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Geometry;

/** How the trellises of a season stand: {@link #told} tells it of each. */
public final class TrellisStudy {

    /** What grows so near reaches a trellis: 1 ft (common practice). */
    static final double NEAR = Length.feet(1).metres();
    /** Touching counts: rounding to micrometres, metres. */
    private static final double SNUG = 5e-6;

    /** Of twine net (from memory). */
    private static final double NET_KILOGRAMS = 0.1;
    /** Of a cane, to the metre (from memory). */
    private static final double CANE_KILOGRAMS = 0.15;
    /** Of wire 2.5 mm thick, to the metre: its section by the density of steel. */
    private static final double WIRE_KILOGRAMS = Math.PI / 4 * 0.0025 * 0.0025 * 7850;

    private final Plan plan;
    private final int season;
    private final Soil soil;
    private final Map<UUID, Double> climbing = new HashMap<>();

    private TrellisStudy(Plan plan, int season, List<StandingBed> standing) {
        this.plan = plan;
        this.season = season;
        this.soil = new Soil(standing);
        Parts.bringing(ClimberSource.class)
                .forEach(source -> source.climbing(plan, season)
                        .forEach((bed, kilograms) -> climbing.merge(bed, kilograms, Double::sum)));
    }

    public static TrellisStudy of(Plan plan, int season, List<StandingBed> standing) {
        return new TrellisStudy(plan, season, standing);
    }

    /** Of all trellises of the season. */
    public List<TrellisTold> told() {
        return TrellisKinds.trellises(plan, season).stream().map(this::told).toList();
    }

    TrellisTold told(Trellis trellis) {
        TrellisFrame frame = new TrellisFrame(plan, trellis);
        List<Length> marks = frame.marks().stream().map(Length::metres).toList();
        int rows = switch (trellis.kind()) {
            case PANEL -> frame.rows();
            case WIRES -> frame.wires();
            default -> 0;
        };
        return new TrellisTold(
                trellis.id(),
                beds(trellis),
                trellis.length(),
                marks,
                frame.post().map(post -> TrellisTold.PostsTold.of(marks.size(), frame.widestSpan(), post)),
                Area.squareMetres(frame.area()),
                rows,
                frame.canes(),
                piece(trellis, frame),
                kilograms(trellis, frame),
                TrellisTold.CropTold.of(crop(trellis)));
    }

    /** What its beds bear of climbers, shared out by length with other trellises at the same bed. */
    FullCrop crop(Trellis trellis) {
        return FullCrop.of(
                plan,
                trellis,
                beds(trellis).stream()
                        .mapToDouble(bed -> climbing.getOrDefault(bed, 0.0) * share(trellis, bed))
                        .sum());
    }

    private double share(Trellis trellis, UUID bed) {
        double all = TrellisKinds.trellises(plan, season).stream()
                .filter(other -> !other.id().equals(trellis.id()) && beds(other).contains(bed))
                .mapToDouble(other -> other.length().metres())
                .sum();
        return trellis.length().metres() / (trellis.length().metres() + all);
    }

    private static Optional<Length> piece(Trellis trellis, TrellisFrame frame) {
        return switch (trellis.kind()) {
            case TEEPEE -> Optional.of(frame.cane());
            case STAKES -> Optional.of(frame.stake());
            case A_FRAME -> Optional.of(trellis.slant());
            case NETTING, WIRES, PANEL -> Optional.empty();
        };
    }

    private static double kilograms(Trellis trellis, TrellisFrame frame) {
        int marks = frame.marks().size();
        double posts = frame.post().map(post -> post.mass() * marks).orElse(0.0);
        double hung = switch (trellis.kind()) {
            case NETTING -> frame.area() * NET_KILOGRAMS;
            case WIRES -> trellis.length().metres() * frame.wires() * WIRE_KILOGRAMS;
            case PANEL, A_FRAME -> frame.area() * ArchStudy.KILOGRAMS_PER_SQUARE_METRE;
            case STAKES ->
                marks * frame.stake().metres() * TrellisFrame.STRIP.metres() * ArchStudy.KILOGRAMS_PER_SQUARE_METRE;
            case TEEPEE -> marks * frame.canes() * frame.cane().metres() * CANE_KILOGRAMS;
        };
        return posts + hung;
    }

    /** Beds that have soil within a foot of it. */
    private List<UUID> beds(Trellis trellis) {
        Geometry line = foot(trellis);
        return soil.patches().stream()
                .filter(patch -> patch.soil().distance(line) <= NEAR + SNUG)
                .map(patch -> patch.bed().id())
                .toList();
    }

    /** What it stands on: its line, or the ground between its feet. */
    private static Geometry foot(Trellis trellis) {
        Geometry line = Polygons.line(trellis.places());
        return trellis.kind().leans() ? line.buffer(trellis.base().half().metres()) : line;
    }

    /** Share of its line that has soil within a foot of it, 0 to 1. */
    double alongSoil(Trellis trellis) {
        Geometry line = Polygons.line(trellis.places());
        double near =
                NEAR + SNUG + (trellis.kind().leans() ? trellis.base().half().metres() : 0);
        Geometry rest = line;
        for (Soil.Patch patch : soil.patches()) {
            if (patch.soil().isWithinDistance(line, near)) {
                rest = Areas.off(rest, patch.soil().buffer(near));
            }
        }
        return 1 - rest.getLength() / line.getLength();
    }

    Soil soil() {
        return soil;
    }
}
