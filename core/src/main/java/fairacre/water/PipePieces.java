package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What is cut of pipes, hoses and lines that are laid in a season: a run is cut where something branches off, a pipe
 * that doesn't bend at its corners too, lines in beds at each end and at each joint.
 */
public final class PipePieces {

    /** Two joints nearer to each other than this are one, metres. */
    private static final double ONE_JOINT = 0.005;

    private final Plan plan;
    private final Piping piping;
    private final List<PipePiece> pieces = new ArrayList<>();

    private PipePieces(Plan plan, int season) {
        this.plan = plan;
        this.piping = Piping.of(plan, season, plan.standing(season), Memo.none());
    }

    /** Of a season, in the order in which they are laid: runs, manifolds, beds. Sleeves are not among them. */
    public static List<PipePiece> of(Plan plan, int season) {
        return new PipePieces(plan, season).all(season);
    }

    private List<PipePiece> all(int season) {
        piping.runs().stream()
                .filter(laid -> laid.run().lifetime().beginsIn(season))
                .forEach(this::run);
        piping.manifolds().stream()
                .filter(hung -> hung.manifold().lifetime().beginsIn(season))
                .forEach(hung ->
                        piece(hung.pipe(), hung.manifold().name(), hung.stub().length()));
        piping.lines().stream()
                .filter(laid -> laid.lines().lifetime().beginsIn(season))
                .forEach(this::lines);
        return pieces;
    }

    private void piece(PipeKind kind, String of, double metres) {
        piece(WaterPrices.pipe(kind, plan.units()), kind.label(), of, metres);
    }

    private void piece(PriceItem pipe, String material, String of, double metres) {
        if (metres > 0) {
            pieces.add(new PipePiece(pipe, material, of, Length.metres(metres)));
        }
    }

    private void run(LaidRun laid) {
        PipeKind pipe = laid.run().pipe();
        double from = 0;
        double end = laid.course().length();
        for (double joint : joints(laid).sorted().toList()) {
            if (joint - from > ONE_JOINT && end - joint > ONE_JOINT) {
                piece(pipe, laid.run().name(), joint - from);
                from = joint;
            }
        }
        piece(pipe, laid.run().name(), end - from);
    }

    /** Metres along a run. */
    private Stream<Double> joints(LaidRun laid) {
        UUID id = laid.run().id();
        return Stream.of(
                        piping.runs().stream()
                                .filter(other -> other.run().from().equals(id))
                                .map(LaidRun::at),
                        piping.manifolds().stream()
                                .filter(hung -> hung.manifold().from().equals(id))
                                .map(LaidManifold::at),
                        piping.lines().stream()
                                .filter(lines -> lines.lines().from().equals(id))
                                .map(LaidLines::at),
                        laid.run().pipe().hose() ? Stream.<Double>empty() : WaterWants.elbows(laid.course()))
                .flatMap(part -> part);
    }

    private void lines(LaidLines laid) {
        String bed = laid.bed().name();
        piece(laid.pipe(), bed, laid.stub().length());
        PriceItem line = laid.lines().sold(plan.units());
        laid.layout().drawn().forEach(drawn -> piece(line, laid.lines().material(), bed, length(drawn)));
    }

    private static double length(List<Point> places) {
        return new Course(places).length();
    }
}
