package fairacre.tunnel;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.cover.CoverPrices;
import fairacre.hoop.GluedBow;
import fairacre.hoop.GluedWants;
import fairacre.hoop.HoopPrices;
import fairacre.hoop.HoopSticks;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.over.FabricPrices;
import fairacre.plan.Plan;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Sawn;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.trellis.TrellisPrices;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.stream.Stream;

/**
 * Takes off tunnels: pipe, boards, ends with doors, and sheets, each again when it is worn out. Feet stand on boards of
 * beds or on stakes as they do in the season in which it is built.
 */
final class TunnelWants {

    private static final String GUESS = "a rough guess, from memory";
    private static final WorkRate BOW = new WorkRate(
                    "tunnel/bow", "Bending a tunnel's bow and setting it", 30, "bow", GUESS, Stage.STRUCTURES)
            .byTwo();
    private static final WorkRate FOOT =
            new WorkRate("tunnel/foot", "Fastening the foot of a tunnel's bow", 8, "foot", GUESS, Stage.STRUCTURES);
    private static final WorkRate PIECE = new WorkRate(
            "tunnel/piece", "Sawing a piece for a tunnel and screwing it on", 10, "piece", GUESS, Stage.STRUCTURES);
    private static final WorkRate DOOR =
            new WorkRate("tunnel/door", "Hanging a tunnel's door", 45, "door", GUESS, Stage.STRUCTURES);
    private static final WorkRate SHEET = new WorkRate(
                    "tunnel/sheet",
                    "Stretching a tunnel's sheet and clamping it",
                    3,
                    "square metre",
                    GUESS,
                    Stage.STRUCTURES)
            .byTwo();

    private static final Material WOOD = Material.SOFTWOOD;
    /** A foot on boards is held by two straps; a door by three hinges and a hook inside and out (common practice). */
    private static final int STRAPS = 2;

    private static final int HINGES = 3;
    private static final int HOOKS = 2;
    /** A rail for the hose hangs on a hook every 3 ft (common practice). */
    private static final double BETWEEN_HOOKS = 0.9;

    private final Takeoff takeoff;
    private final Plan plan;

    TunnelWants(Takeoff takeoff) {
        this.takeoff = takeoff;
        this.plan = takeoff.plan();
    }

    static Stream<WorkRate> rates() {
        return Stream.of(BOW, FOOT, PIECE, DOOR, SHEET);
    }

    void takeOff() {
        plan.list(TunnelKinds.TUNNELS).stream()
                .filter(tunnel -> tunnel.lifetime().from().isPresent())
                .forEach(tunnel -> new OfATunnel(tunnel).takeOff());
    }

    /** What one tunnel takes. */
    private final class OfATunnel {

        private final WalkInTunnel tunnel;
        private final TunnelFrame frame;
        private final TunnelTold told;
        private final Served served;
        private final Length length;

        OfATunnel(WalkInTunnel tunnel) {
            int first = Math.max(tunnel.lifetime().from().orElseThrow(), plan.firstSeason());
            this.tunnel = tunnel;
            this.frame = new TunnelFrame(plan.units(), tunnel);
            this.told = TunnelStudy.of(plan, first, plan.standing(first), takeoff.memo())
                    .told(tunnel);
            this.served = Served.place(tunnel.id());
            this.length = tunnel.place().length();
        }

        void takeOff() {
            lasting("Bows", Lasts.about(tunnel.pipe().years()), this::pipes);
            lasting("Boards", Lasts.between(WOOD.leastYears(), WOOD.mostYears()).renewedEarly(), this::boards);
            lasting("Sheet", Lasts.about(tunnel.cover().years()), this::sheet);
            tunnel.lifetime().from().ifPresent(this::rails);
            tunnel.lifetime()
                    .from()
                    .ifPresent(season ->
                            frame.glued(plan).ifPresent(bow -> GluedWants.clamps(takeoff, season, bow, served)));
        }

        private void lasting(String part, Lasts lasts, IntConsumer bought) {
            takeoff.lasting(served, part, tunnel.lifetime(), lasts, bought);
        }

        private void pipes(int season) {
            frame.glued(plan).ifPresentOrElse(bow -> glued(season, bow), () -> bent(season));
            pieces(season, TunnelPrices.CLAMP, frame.bows() * frame.lines());
            pieces(season, TunnelPrices.STAKE, told.hold().stakes());
            pieces(season, HoopPrices.STRAP, told.onBoards() * STRAPS);
            takeoff.work(season, FOOT, told.onBoards() + told.onStakes(), served);
        }

        private void glued(int season, GluedBow bow) {
            GluedWants.takeOff(takeoff, season, bow, frame.bows(), bow.sticks(frame.lines(), length, plan), served);
        }

        private void bent(int season) {
            frame.sticks()
                    .ifPresentOrElse(
                            sticks -> sticks(season, sticks),
                            () -> length(season, units -> HoopPrices.pipe(tunnel.pipe(), units), frame.pipe()));
            takeoff.work(season, BOW, frame.bows(), served);
        }

        private void sticks(int season, HoopSticks sticks) {
            pieces(season, HoopPrices.pipe(tunnel.pipe(), plan.units()), sticks.sticks());
            pieces(season, HoopPrices.COUPLING, sticks.couplings());
        }

        private void boards(int season) {
            boolean metric = plan.units() == Units.METRIC;
            Board skirt = metric ? Board.M38X150 : Board.B2X6;
            Board post = metric ? Board.M47X100 : Board.B2X4;
            List<Length> skirts = new ArrayList<>();
            // Boards of beds hold the foot of the sheet where the bows are strapped to them.
            double share = told.onStakes() / (double) (told.onBoards() + told.onStakes());
            add(skirts, length.metres() * share, 2, skirt);
            List<Length> posts = new ArrayList<>();
            tunnel.hip().ifPresent(hip -> add(posts, length.metres(), 2, post));
            add(posts, frame.doorHeight().metres(), 2 * 2 * tunnel.doors(), post);
            add(posts, tunnel.doorWidth().metres(), (1 + 3) * tunnel.doors(), post);
            if (tunnel.doors() == 1) {
                Length third = new Length(tunnel.place().width().micrometres() / 6);
                add(posts, frame.bow().heightAt(third).metres(), 2, post);
            }
            sawn(season, skirt, skirts);
            sawn(season, post, posts);
            pieces(season, CoverPrices.HINGE, HINGES * tunnel.doors());
            pieces(season, CoverPrices.HOOK, HOOKS * tunnel.doors());
            takeoff.work(season, PIECE, skirts.size() + posts.size(), served);
            takeoff.work(season, DOOR, tunnel.doors(), served);
        }

        private void add(List<Length> pieces, double metres, int count, Board board) {
            if (metres > 0) {
                pieces.addAll(Sawn.pieces(metres, count, board, plan.units()));
            }
        }

        private void sawn(int season, Board board, List<Length> pieces) {
            Sawn.takeOff(takeoff, season, BillPart.STRUCTURES, new BoardKind(WOOD, board), pieces, served);
        }

        private void sheet(int season) {
            TunnelSheet sheet = told.sheet();
            takeoff.area(
                    season,
                    BillPart.STRUCTURES,
                    units -> FabricPrices.fabric(tunnel.cover(), units),
                    sheet.area(),
                    served);
            length(season, TunnelPrices::lath, length.plus(frame.bow().length()).times(2));
            takeoff.work(season, SHEET, sheet.area().squareMetres(), served);
        }

        /** What lasts as long as the tunnel: rollers, wires, and the rail of the hose. */
        private void rails(int season) {
            tunnel.hip().ifPresent(hip -> length(season, TunnelPrices::roller, length.times(2)));
            int wires = tunnel.wires() + (tunnel.hoseRail() ? 1 : 0);
            if (wires > 0) {
                length(season, TrellisPrices::wire, length.times(wires));
            }
            if (tunnel.hoseRail()) {
                pieces(season, TunnelPrices.HOOK, (int) Math.ceil(length.metres() / BETWEEN_HOOKS - 1e-6) + 1);
            }
        }

        private void length(int season, Function<Units, PriceItem> item, Length metres) {
            takeoff.length(season, BillPart.STRUCTURES, item, metres, served);
        }

        private void pieces(int season, PriceItem item, int count) {
            if (count > 0) {
                takeoff.pieces(season, BillPart.STRUCTURES, item, count, 1, served);
            }
        }
    }
}
