package fairacre.arrange;

import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Shape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Layouts that could do, by arithmetic: beds as wide as they can be reached from the sides they have. What is drafted
 * here is only offered when it has been judged.
 *
 * <p>Metres; a side of the rectangle is open if one can stand beyond it. A bed along an open side or a walk is reached
 * from there; one flush with a closed side is reached from its other side only.
 */
final class Drafts {

    /** Slimmer beds are not worth their edges, metres. */
    private static final double SLIMMEST = 0.3;

    private static final double SHORTEST = 0.6;
    private static final int MOST_ROWS = 60;
    /** So many drafts of a manner are judged, those with the most ground in beds first. */
    private static final int MOST = 10;

    private final Ground ground;

    Drafts(Ground ground) {
        this.ground = ground;
    }

    /**
     * The rectangle and what is asked of it.
     *
     * @param reach of whoever reaches least
     * @param cornerReach how far in everybody reaches where a walk ends at a wall and nobody gets right into the corner
     * @param arm width of a bed that turns a corner round a walk and is still reached in its own corner
     * @param step to which sizes are rounded down
     */
    record Ground(
            double length,
            double width,
            boolean openLeft,
            boolean openRight,
            boolean openFoot,
            boolean openTop,
            double reach,
            double cornerReach,
            double arm,
            double walk,
            double main,
            double longest,
            double step) {

        Ground swapped() {
            return new Ground(
                    width,
                    length,
                    openFoot,
                    openTop,
                    openLeft,
                    openRight,
                    reach,
                    cornerReach,
                    arm,
                    walk,
                    main,
                    longest,
                    step);
        }

        Ground inner(double newLength, double newWidth) {
            return new Ground(
                    newLength, newWidth, true, true, true, true, reach, cornerReach, arm, walk, main, longest, step);
        }

        double tidy(double size) {
            return Math.floor(size / step + 1e-6) * step;
        }
    }

    List<List<Block>> drafts(LayoutKind manner) {
        List<List<Block>> drafts = switch (manner) {
            case ROWS_ACROSS -> rows(ground, false);
            case ROWS_UP ->
                rows(ground.swapped(), false).stream().map(Drafts::swapped).toList();
            case BLOCKS -> blocks();
            case RIM -> rim();
            case U_ROUND -> around();
            case COMB -> combs();
        };
        Map<String, List<Block>> distinct = new LinkedHashMap<>();
        drafts.stream()
                .filter(draft -> !draft.isEmpty())
                .sorted(Comparator.comparingDouble(
                        (List<Block> d) -> -d.stream().mapToDouble(Block::area).sum()))
                .forEach(draft -> distinct.putIfAbsent(draft.toString(), draft));
        return distinct.values().stream().limit(MOST).toList();
    }

    private static List<Block> swapped(List<Block> blocks) {
        return blocks.stream().map(Block::swapped).toList();
    }

    private List<List<Block>> blocks() {
        List<List<Block>> drafts = new ArrayList<>(rows(ground, true));
        rows(ground.swapped(), true).forEach(draft -> drafts.add(swapped(draft)));
        return drafts;
    }

    /** Rows along the length: every choice of a walk or none at closed sides and of a main walk at either end. */
    private static List<List<Block>> rows(Ground g, boolean crossed) {
        List<List<Block>> drafts = new ArrayList<>();
        for (boolean walkAtFoot : g.openFoot ? new boolean[] {false} : new boolean[] {false, true}) {
            for (boolean walkAtTop : g.openTop ? new boolean[] {false} : new boolean[] {false, true}) {
                for (double[] ends : ends(g)) {
                    for (int beds = 1; beds <= MOST_ROWS; beds++) {
                        List<Block> draft = rows(g, beds, walkAtFoot, walkAtTop, ends, crossed);
                        if (draft == null) {
                            break;
                        }
                        drafts.add(draft);
                    }
                }
            }
        }
        return drafts;
    }

    /** Ground kept free at the left and at the right end of rows. */
    private static List<double[]> ends(Ground g) {
        if (g.openLeft || g.openRight) {
            return List.of(new double[] {0, 0});
        }
        return List.of(new double[] {g.main, 0}, new double[] {0, g.main}, new double[] {g.main, g.walk}, new double[] {
            g.walk, g.main
        });
    }

    /** Null once the beds become too slim. */
    private static List<Block> rows(
            Ground g, int beds, boolean walkAtFoot, boolean walkAtTop, double[] ends, boolean crossed) {
        boolean endsAtWall = ends[0] == 0 && !g.openLeft || ends[1] == 0 && !g.openRight;
        double reach = endsAtWall ? g.cornerReach : g.reach;
        double[] most = new double[beds];
        Arrays.fill(most, 2 * reach);
        boolean oneSidedFoot = !g.openFoot && !walkAtFoot;
        boolean oneSidedTop = !g.openTop && !walkAtTop;
        if (beds == 1 && oneSidedFoot && oneSidedTop) {
            return List.of();
        }
        most[0] = oneSidedFoot ? reach : most[0];
        most[beds - 1] = oneSidedTop ? Math.min(most[beds - 1], reach) : most[beds - 1];
        int walks = beds - 1 + (walkAtFoot ? 1 : 0) + (walkAtTop ? 1 : 0);
        double room = g.width - walks * g.walk;
        double sum = Arrays.stream(most).sum();
        double share = Math.min(1, room / sum);
        if (g.tidy(share * Arrays.stream(most).min().orElse(0)) < SLIMMEST) {
            return null;
        }
        double taken = Arrays.stream(most).map(m -> g.tidy(m * share)).sum();
        double slack = walks == 0 ? 0 : (g.width - taken) / walks;
        double foot = walkAtFoot ? slack : 0;
        List<Block> blocks = new ArrayList<>();
        for (double each : most) {
            double width = g.tidy(each * share);
            blocks.addAll(pieces(g, ends, foot, width, crossed));
            foot += width + slack;
        }
        return blocks;
    }

    /** One row, broken by walks where it is longer than wished, or in two by a main walk. */
    private static List<Block> pieces(Ground g, double[] ends, double foot, double width, boolean crossed) {
        double from = ends[0];
        double length = g.length - ends[0] - ends[1];
        double between = crossed ? g.main : g.walk;
        int pieces = Math.max(crossed ? 2 : 1, (int) Math.ceil((length + between) / (g.longest + between) - 1e-9));
        double each = g.tidy((length - (pieces - 1) * between) / pieces);
        if (each < SHORTEST) {
            return List.of();
        }
        double gap = pieces == 1 ? 0 : (length - pieces * each) / (pieces - 1);
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            blocks.add(Block.plain(from + i * (each + gap), foot, each, width));
        }
        return blocks;
    }

    /**
     * Strips along all sides but for their corners, a walk round inside of them, and rows within; an opening at the
     * foot.
     */
    private List<List<Block>> rim() {
        double r = ground.tidy(ground.cornerReach);
        double inner = r + ground.walk;
        double islandLength = ground.length - 2 * inner;
        double islandWidth = ground.width - 2 * inner;
        double half = ground.tidy((ground.length - 2 * r - ground.main) / 2);
        if (islandLength < SHORTEST || islandWidth < SLIMMEST || half < SHORTEST || r < SLIMMEST) {
            return List.of();
        }
        double upright = ground.tidy(ground.width - 2 * r);
        List<Block> strips = List.of(
                Block.plain(0, r, r, upright),
                Block.plain(ground.length - r, r, r, upright),
                Block.plain(r, ground.width - r, ground.tidy(ground.length - 2 * r), r),
                Block.plain(r, 0, half, r),
                Block.plain(ground.length - r - half, 0, half, r));
        return withIslands(strips, inner, inner, islandLength, islandWidth);
    }

    /** One U open at the foot, so slim that its corners are reached, and rows within. */
    private List<List<Block>> around() {
        double arm = ground.tidy(ground.arm);
        double inner = arm + ground.walk;
        double islandLength = ground.length - 2 * inner;
        double islandWidth = ground.width - inner - ground.main;
        if (arm < SLIMMEST || islandLength < SLIMMEST || ground.width < 3 * arm) {
            return List.of();
        }
        Shape u = new Shape(new Form.Comb(2, Length.metres(arm), Length.metres(arm)), List.of());
        // The spine lies along the foot of a comb: turned round it lies at the top.
        List<Block> rim = List.of(new Block(0, 0, ground.tidy(ground.length), ground.tidy(ground.width), u, 180));
        List<List<Block>> drafts = new ArrayList<>(List.of(rim));
        if (islandLength >= SHORTEST && islandWidth >= SLIMMEST) {
            drafts.addAll(withIslands(rim, inner, ground.main, islandLength, islandWidth));
        }
        return drafts;
    }

    private List<List<Block>> withIslands(List<Block> rim, double left, double foot, double length, double width) {
        List<List<Block>> drafts = new ArrayList<>();
        Ground island = ground.inner(length, width);
        List<List<Block>> within = new ArrayList<>(rows(island, false));
        rows(island.swapped(), false).forEach(draft -> within.add(swapped(draft)));
        for (List<Block> draft : within) {
            List<Block> all = new ArrayList<>(rim);
            draft.forEach(block -> all.add(block.shifted(left, foot)));
            drafts.add(all);
        }
        return drafts;
    }

    /**
     * Fingers reached from both sides on a spine that is reached from the gaps: both so slim that their joints are,
     * too.
     */
    private List<List<Block>> combs() {
        double arm = ground.tidy(ground.arm);
        double side = ground.openLeft && ground.openRight ? 0 : ground.walk;
        double length = ground.length - 2 * side;
        int fingers = (int) Math.floor((length + ground.walk) / (2 * arm + ground.walk));
        double depth = ground.tidy(ground.width - (ground.openTop || ground.openFoot ? 0 : ground.main));
        if (arm < SLIMMEST || fingers < 2 || depth < 2 * arm) {
            return List.of();
        }
        Shape comb = new Shape(new Form.Comb(fingers, Length.metres(arm), Length.metres(2 * arm)), List.of());
        double foot = ground.width - depth;
        return List.of(
                List.of(new Block(side, 0, ground.tidy(length), depth, comb, 0)),
                List.of(new Block(side, foot, ground.tidy(length), depth, comb, 180)));
    }
}
