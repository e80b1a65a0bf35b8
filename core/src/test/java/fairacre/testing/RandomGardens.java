package fairacre.testing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.barrel;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.underRoof;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.cover.CoverKind;
import fairacre.fence.Fence;
import fairacre.fence.FenceKind;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.fence.PostKind;
import fairacre.furniture.FurnitureKind;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.hoop.HoopPipe;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.trellis.TrellisKind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Valid gardens by chance, the same for the same seed: tidy ones, whose figures are whole steps as people type them,
 * and wild ones of every shape with whatever may stand on a plot. Everything invented.
 */
public final class RandomGardens {

    /** Steps of tidy figures, metres: five centimetres, or three inches. */
    private static final double METRIC_STEP = 0.05;

    private static final double IMPERIAL_STEP = 3 * 0.0254;
    private static final double[] TURNS = {0, 0, 0, 15, 30, 45, 60, 75, 90, 12.5, 37, 123.4};

    private RandomGardens() {}

    /** Every third one wild, the others tidy. */
    public static Plan of(long seed) {
        return seed % 3 == 0 ? wild(seed) : tidy(seed);
    }

    /** One to four plain beds in the ground, turned by the usual angles, one gardener. */
    public static Plan tidy(long seed) {
        Random random = new Random(seed);
        double step = random.nextBoolean() ? METRIC_STEP : IMPERIAL_STEP;
        double length = stepped(random, 4, 12, step);
        double width = stepped(random, 3, 10, step);
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(4); i++) {
            double turn = TURNS[random.nextInt(TURNS.length)];
            beds.add(bed(
                    "Bed " + i,
                    stepped(random, 1, length - 1, step),
                    stepped(random, 1, width - 1, step),
                    stepped(random, 0.8, 4, step),
                    stepped(random, 0.5, 2.2, step),
                    turn,
                    Optional.empty()));
        }
        Gardener ada = gardener("Ada", stepped(random, 0.4, 0.8, step), stepped(random, 0.45, 1, step));
        return on(Site.rectangle(length, width), List.of(ada), beds.toArray(Bed[]::new));
    }

    /** Beds of all shapes, features, gates, walks and carriers on a plot that may have a skewed corner. */
    public static Plan wild(long seed) {
        Random random = new Random(seed);
        double length = 6 + random.nextDouble() * 10;
        double width = 5 + random.nextDouble() * 8;
        List<Point> corners = List.of(
                Point.metres(0, 0),
                Point.metres(length, random.nextDouble()),
                Point.metres(length - random.nextDouble(), width),
                Point.metres(random.nextDouble() * 0.5, width - random.nextDouble()));
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            anyBed("Bed " + i, random, length, width).ifPresent(beds::add);
        }
        List<Gardener> people = new ArrayList<>(
                List.of(gardener("Ada", 0.45 + random.nextDouble() * 0.3, 0.45 + random.nextDouble() * 0.4)));
        if (random.nextBoolean()) {
            people.add(seated("Ines", 0.4 + random.nextDouble() * 0.2, 0.8 + random.nextDouble() * 0.2));
        }
        Plan plan = on(corners, people, beds.toArray(Bed[]::new));
        for (Change change : around(random, length, width)) {
            plan = plan.apply(change) instanceof fairacre.plan.Outcome.Applied applied ? applied.plan() : plan;
        }
        for (Change change : water(new Random(~seed), plan, length, width)) {
            plan = plan.apply(change) instanceof fairacre.plan.Outcome.Applied applied ? applied.plan() : plan;
        }
        for (Change change : fences(new Random(seed * 31 + 7), length, width)) {
            plan = plan.apply(change) instanceof fairacre.plan.Outcome.Applied applied ? applied.plan() : plan;
        }
        for (Change change : hoops(new Random(seed * 37 + 5), plan)) {
            plan = plan.apply(change) instanceof fairacre.plan.Outcome.Applied applied ? applied.plan() : plan;
        }
        return plan;
    }

    /**
     * One garden in three has a set of hoops or two, over any of its beds and of anything, an arch, a trellis or a
     * cover.
     */
    private static List<Change> hoops(Random random, Plan plan) {
        List<Change> changes = new ArrayList<>();
        if (random.nextInt(3) > 0) {
            return changes;
        }
        if (random.nextBoolean()) {
            double x = random.nextDouble() * 8;
            double y = random.nextDouble() * 6;
            changes.add(Put.of(Gardens.arch("Arch", x, y, x + 0.3 + random.nextDouble() * 4, y + random.nextDouble())));
        }
        if (random.nextBoolean()) {
            double x = random.nextDouble() * 8;
            double y = random.nextDouble() * 6;
            TrellisKind kind = TrellisKind.values()[random.nextInt(TrellisKind.values().length)];
            changes.add(
                    Put.of(Gardens.trellis("Climbers", kind, 0.5 + 2 * random.nextDouble(), x, y, x + 1.5, y + 0.5)));
        }
        for (int i = random.nextInt(3); i > 0 && !plan.beds().isEmpty(); i--) {
            Bed bed = plan.beds().get(random.nextInt(plan.beds().size()));
            List<Crop> crops = Crops.all();
            LocalDate from = LocalDate.of(Gardens.SEASON, 3, 1).plusDays(random.nextInt(120));
            changes.add(Put.of(Gardens.planting(
                    "Crop " + i,
                    crops.get(random.nextInt(crops.size())).key(),
                    bed.name(),
                    from.toString(),
                    from.plusDays(10 + random.nextInt(200)).toString())));
        }
        for (int i = random.nextInt(3); i > 0; i--) {
            String[] beds = plan.beds().stream()
                    .map(Bed::name)
                    .filter(bed -> random.nextBoolean())
                    .toArray(String[]::new);
            boolean byRise = random.nextBoolean();
            changes.add(Put.of(Gardens.hoops(
                    "Hoops " + i,
                    HoopPipe.values()[random.nextInt(HoopPipe.values().length)],
                    byRise ? Optional.of(Length.metres(0.1 + random.nextDouble() * 1.5)) : Optional.empty(),
                    byRise ? Optional.empty() : Optional.of(Length.metres(0.7 + random.nextDouble() * 4)),
                    Fabric.values()[random.nextInt(Fabric.values().length)],
                    beds)));
        }
        if (random.nextBoolean()) {
            changes.add(Put.of(Gardens.tunnel(
                    "Tunnel",
                    random.nextDouble() * 8,
                    random.nextDouble() * 6,
                    1 + 6 * random.nextDouble(),
                    1.2 + 3 * random.nextDouble())));
        }
        if (random.nextBoolean()) {
            FurnitureKind kind = FurnitureKind.values()[random.nextInt(FurnitureKind.values().length)];
            changes.add(Put.of(Gardens.furniture(
                    "Furniture",
                    kind,
                    random.nextDouble() * 8,
                    random.nextDouble() * 6,
                    0.2 + 2 * random.nextDouble(),
                    0.2 + random.nextDouble())));
        }
        if (!plan.beds().isEmpty() && random.nextBoolean()) {
            Bed under = plan.beds().get(random.nextInt(plan.beds().size()));
            Rectangle outline = under.revisions().get(0).outline();
            CoverKind kind = CoverKind.values()[random.nextInt(CoverKind.values().length)];
            double wide = Math.max(0.3, Math.min(3, outline.shorterSide().metres()));
            double along = Math.max(wide, Math.min(12, outline.longerSide().metres()));
            changes.add(Put.of(Gardens.cover("Lights", kind, along, wide, 1 + random.nextInt(4), under.name())));
        }
        return changes;
    }

    /**
     * One garden in three has a fence or two, anywhere and of anything, and pests; some with a gate within the plot.
     */
    private static List<Change> fences(Random random, double length, double width) {
        List<Change> changes = new ArrayList<>();
        if (random.nextInt(3) > 0) {
            return changes;
        }
        for (PestKind kind : PestKind.values()) {
            if (random.nextInt(4) == 0) {
                changes.add(Put.of(Gardens.pest(
                        kind.label(), kind, random.nextBoolean() ? Pest.Pressing.HIGH : Pest.Pressing.LOW)));
            }
        }
        for (int i = random.nextInt(3); i > 0; i--) {
            anyFence("Fence " + i, random, length, width).ifPresent(fence -> {
                changes.add(Put.of(fence));
                Point first = fence.places().get(0);
                if (random.nextBoolean()) {
                    WayIn gate = Gardens.gate(
                                    "Gate in " + fence.name(),
                                    first.x().metres() + random.nextDouble(),
                                    first.y().metres(),
                                    0.3 + random.nextDouble() * 2)
                            .in(fence.id());
                    changes.add(Put.of(random.nextBoolean() ? gate.hung(anyLeaf(random)) : gate));
                }
            });
        }
        return changes;
    }

    private static WayIn.Leaf anyLeaf(Random random) {
        return new WayIn.Leaf(
                WayIn.Leaf.Kind.values()[random.nextInt(3)],
                random.nextBoolean() ? WayIn.Leaf.Hand.LEFT : WayIn.Leaf.Hand.RIGHT,
                Length.metres(0.6 + random.nextDouble() * 2.4),
                Length.metres(0.2 + random.nextDouble() * 1.5),
                Length.metres(random.nextDouble() * 0.3));
    }

    private static Optional<Fence> anyFence(String name, Random random, double length, double width) {
        int corners = 2 + random.nextInt(4);
        double[] places = new double[2 * corners];
        for (int i = 0; i < corners; i++) {
            places[2 * i] = (random.nextDouble() * 1.2 - 0.1) * length;
            places[2 * i + 1] = (random.nextDouble() * 1.2 - 0.1) * width;
        }
        if (corners > 3 && random.nextBoolean()) {
            places[2 * corners - 2] = places[0];
            places[2 * corners - 1] = places[1];
        }
        FenceKind[] kinds = FenceKind.values();
        try {
            Fence plain =
                    Gardens.fence(name, kinds[random.nextInt(kinds.length)], 0.3 + random.nextDouble() * 2.7, places);
            return Optional.of(new Fence(
                    plain.id(),
                    name,
                    plain.places(),
                    plain.kind(),
                    plain.height(),
                    plain.foot(),
                    PostKind.values()[random.nextInt(PostKind.values().length)],
                    List.of(),
                    plain.lifetime()));
        } catch (RefusedException crossed) {
            return Optional.empty();
        }
    }

    /** Every other garden is watered, from a tap or a barrel that may be too small, by what may not have room. */
    private static List<Change> water(Random random, Plan plan, double length, double width) {
        List<Change> changes = new ArrayList<>();
        if (random.nextBoolean()) {
            return changes;
        }
        double x = random.nextDouble() * length;
        double y = random.nextDouble() * width;
        changes.add(
                random.nextInt(3) > 0
                        ? Put.of(tap("Source", x, y, 1 + random.nextDouble() * 25))
                        : Put.of(underRoof(
                                barrel("Source", x, y, 0.2 + random.nextDouble() * 3), 1 + random.nextInt(20))));
        if (random.nextBoolean()) {
            changes.add(Put.of(Gardens.drier(Gardens.climate("Weather", "Nearby"), 0.1 + 0.9 * random.nextDouble())));
            int opens = random.nextInt(1440);
            changes.add(Put.of(Gardens.window(
                    "Hours", opens, (opens + 5 + random.nextInt(120)) % 1440 + 1, 1, 4 + random.nextInt(3))));
        }
        changes.add(Put.of(run(
                "Trunk",
                "Source",
                x,
                y,
                random.nextDouble() * length,
                random.nextDouble() * width,
                random.nextDouble() * length,
                random.nextDouble() * width)));
        for (Bed bed : plan.beds()) {
            String from = random.nextInt(3) > 0 ? "Trunk" : "Source";
            switch (random.nextInt(4)) {
                case 0 -> changes.add(Put.of(soaker(bed.name(), from, 0.05 + random.nextDouble() * 0.3)));
                case 1, 2 -> changes.add(Put.of(dripline(bed.name(), from)));
                default -> {}
            }
        }
        return changes;
    }

    private static List<Change> around(Random random, double length, double width) {
        List<Change> changes = new ArrayList<>();
        if (random.nextInt(3) > 0) {
            changes.add(Put.of(gate("Gate", random.nextDouble() * length, 0, 0.7 + random.nextDouble())));
            changes.add(
                    Put.of(carrier("Barrow", 0.6 + random.nextDouble() * 0.5, true, random.nextBoolean() ? 0 : 1.5)));
        }
        for (int i = 0; i < random.nextInt(4); i++) {
            changes.add(Put.of(anyFeature("Feature " + i, random, length, width)));
        }
        if (random.nextBoolean()) {
            double x = random.nextDouble() * (length - 2);
            changes.add(Put.of(new Walk(
                    id("Way"),
                    "Way",
                    WalkGrade.MAIN,
                    Surfacing.values()[random.nextInt(Surfacing.values().length)],
                    List.of(
                            Point.metres(x, 0),
                            Point.metres(x + 1 + random.nextDouble(), 0.2),
                            Point.metres(x + 1.5, width),
                            Point.metres(x, width)))));
        }
        return changes;
    }

    private static Feature anyFeature(String name, Random random, double length, double width) {
        double x = random.nextDouble() * length;
        double y = random.nextDouble() * width;
        return switch (random.nextInt(5)) {
            case 0 -> feature(name, FeatureKind.SHED, 0, 0, x, y, x + 1.5, y, x + 1.5, y + 1.2, x, y + 1.2);
            case 1 -> feature(name, FeatureKind.FENCE, 0.05, 0, x, y, x + 2, y + random.nextDouble(), x + 3, y + 1);
            case 2 -> feature(name, FeatureKind.TREE, 0.3, 1.5, x, y);
            case 3 -> feature(name, FeatureKind.STEPS, 0, 0, x, y, x + 1, y + 0.1, x + 1, y + 1);
            default -> feature(name, FeatureKind.TRELLIS, 0.05, 0, x, y, x + 1.5, y);
        };
    }

    /** Empty if what was thrown makes no bed, such as a notch that leaves nothing. */
    private static Optional<Bed> anyBed(String name, Random random, double length, double width) {
        Rectangle outline = rectangle(
                random.nextDouble() * length,
                random.nextDouble() * width,
                1 + random.nextDouble() * 2.5,
                0.6 + random.nextDouble() * 1.8,
                random.nextBoolean() ? 0 : random.nextDouble() * 360);
        Optional<Frame> frame =
                random.nextBoolean() ? Optional.empty() : Optional.of(cedar(Board.B2X10, 1 + random.nextInt(2)));
        try {
            Build build =
                    Build.PLAIN.withOverhang(Length.metres(random.nextInt(3) == 0 ? random.nextDouble() * 0.3 : 0));
            return Optional.of(Bed.of(
                    id(name), name, new BedRevision(SEASON, outline, anyShape(random, outline), frame, false, build)));
        } catch (RefusedException noBed) {
            return Optional.empty();
        }
    }

    private static Shape anyShape(Random random, Rectangle outline) {
        double length = outline.length().metres();
        double width = outline.width().metres();
        return switch (random.nextInt(6)) {
            case 0 ->
                new Shape(
                        new Form.Ell(Length.metres(length / 3), Length.metres(width / 2.5), random.nextBoolean()),
                        List.of());
            case 1 -> comb(2 + random.nextInt(2), width / 3, length / 5);
            case 2 -> new Shape(new Form.Octagon(Length.metres(Math.min(length, width) / 4)), List.of());
            case 3 ->
                new Shape(
                        Form.RECTANGLE,
                        List.of(keyhole(random.nextInt(4), width / 2, 0.3 + random.nextDouble() * 0.2, width * 0.5)));
            default -> Shape.RECTANGLE;
        };
    }

    private static double stepped(Random random, double least, double most, double step) {
        return Math.round((least + random.nextDouble() * (most - least)) / step) * step;
    }
}
