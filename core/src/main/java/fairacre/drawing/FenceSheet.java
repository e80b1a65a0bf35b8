package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;
import static fairacre.drawing.Pages.MARGIN;
import static fairacre.drawing.Pages.SMALL;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.fence.Fence;
import fairacre.fence.FenceFoot;
import fairacre.fence.FenceKinds;
import fairacre.fence.FencePiece;
import fairacre.fence.FenceSide;
import fairacre.fence.FenceStep;
import fairacre.fence.FenceStudy;
import fairacre.fence.FenceTold;
import fairacre.fence.GateTold;
import fairacre.fence.Post;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.shape.FenceLine;
import fairacre.shape.Memo;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * The fences of a season as A4 pages to dig by: a plan with the marks of the posts, then each side of each fence from a
 * line walked in its order, with its spans and how deep the posts go.
 */
public final class FenceSheet {

    private static final double TINY = 2.2;
    /** Room for the plan, and for an elevation, millimetres. */
    private static final double WIDE = Pages.WIDTH - 2 * MARGIN;

    private static final double PLAN_HIGH = 190;
    private static final double SIDE_HIGH = 48;
    private static final int LONGEST_NAME = 60;
    /** Half a post's square on the plan, millimetres. */
    private static final double POST = 0.7;

    private static final double STRONG_POST = 1.1;

    private final Plan plan;
    private final Setting setting;
    private final List<Fence> fences;
    private final FenceStudy study;
    private final List<GateTold> gates;
    private final Pages pages;
    private final String title;

    private FenceSheet(Plan plan, int season) {
        this.plan = plan;
        this.setting = plan.setting(season);
        this.fences = FenceKinds.fences(plan, season);
        this.study = FenceStudy.of(plan, season, plan.standing(season), Memo.none());
        this.gates = study.gates();
        this.title = plan.name() + ", fences " + season;
        this.pages = new Pages(title);
    }

    public static List<SheetDrawing> of(Plan plan, int season) {
        FenceSheet sheet = new FenceSheet(plan, season);
        sheet.draw();
        return sheet.pages.end();
    }

    private void draw() {
        pages.line(LARGE, title);
        pages.down(LINE / 2);
        pages.line(SMALL, "Before any digging, have buried lines marked by the local utility-locating service.");
        List<FenceTold> told = study.fences();
        if (told.isEmpty()) {
            pages.line(SMALL, "No fence stands in this season.");
            return;
        }
        drawPlan(told);
        told.forEach(each -> fences.stream()
                .filter(fence -> fence.id().equals(each.fence()))
                .forEach(fence -> drawFence(fence, each)));
    }

    private void drawPlan(List<FenceTold> told) {
        Envelope all = new Envelope();
        Stream.concat(plan.site().pieces().stream(), fences.stream().map(Fence::places))
                .flatMap(List::stream)
                .forEach(place ->
                        all.expandToInclude(place.x().metres(), place.y().metres()));
        int divisor = Math.max(
                Pages.divisor(all.getWidth(), WIDE - 2 * LINE), Pages.divisor(all.getHeight(), PLAN_HIGH - 2 * LINE));
        pages.line(SMALL, "Plan, 1:" + divisor);
        double per = 1000.0 / divisor;
        double top = pages.y() + LINE;
        double left = MARGIN + (WIDE - all.getWidth() * per) / 2;
        plan.site()
                .pieces()
                .forEach(piece -> pages.draw(new Stroke(
                        piece.stream()
                                .map(place -> onPlan(place, all, per, left, top))
                                .toList(),
                        true,
                        Pens.FINE,
                        false)));
        for (Fence fence : fences) {
            setting.features().stream()
                    .filter(feature -> feature.id().equals(fence.id()))
                    .flatMap(feature -> FenceLine.of(feature, setting).parts().stream())
                    .forEach(part -> pages.draw(new Stroke(
                            part.stream()
                                    .map(place -> onPlan(place, all, per, left, top))
                                    .toList(),
                            false,
                            Pens.PEN,
                            false)));
        }
        Spot middle = new Spot(left + all.getWidth() * per / 2, top + all.getHeight() * per / 2);
        told.stream()
                .flatMap(each -> each.posts().stream())
                .forEach(post -> drawPost(post, onPlan(post.place(), all, per, left, top), middle));
        pages.down(all.getHeight() * per + 3 * LINE);
    }

    private static Spot onPlan(Point place, Envelope all, double per, double left, double top) {
        return new Spot(
                left + (place.x().metres() - all.getMinX()) * per,
                top + (all.getMaxY() - place.y().metres()) * per);
    }

    /** Strong posts full, those in a row open; the mark stands outwards. */
    private void drawPost(Post post, Spot at, Spot middle) {
        double half = post.role().strong() ? STRONG_POST : POST;
        pages.draw(square(at, half, post.role().strong()));
        double dx = at.x() - middle.x();
        double dy = at.y() - middle.y();
        double far = Math.max(1e-9, Math.hypot(dx, dy));
        Spot mark = new Spot(at.x() + 3.6 * dx / far, at.y() + 3.2 * dy / far + TINY / 3);
        pages.draw(new Words(mark, post.mark(), TINY, true, 0));
    }

    private static Stroke square(Spot at, double half, boolean filled) {
        return new Stroke(
                List.of(
                        new Spot(at.x() - half, at.y() - half),
                        new Spot(at.x() + half, at.y() - half),
                        new Spot(at.x() + half, at.y() + half),
                        new Spot(at.x() - half, at.y() + half)),
                true,
                Pens.FINE,
                filled);
    }

    private void drawFence(Fence fence, FenceTold told) {
        pages.makeRoom(SIDE_HIGH + 4 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(fence.name(), LONGEST_NAME));
        pages.line(
                SMALL,
                fence.kind().label() + ", " + length(fence.height()) + " high, " + length(told.length())
                        + " without gates; " + told.posts().size() + " posts, "
                        + fence.posts().label().toLowerCase(Locale.ROOT)
                        + (told.bags() > 0 ? ", " + told.bags() + " bags of post mix" : "") + ".");
        told.mesh()
                .forEach(tier -> pages.line(
                        SMALL,
                        tier.rolls().rolls() + (tier.rolls().rolls() == 1 ? " roll of " : " rolls of ")
                                + tier.label() + ", " + length(tier.height()) + " high and " + length(tier.roll())
                                + " long; " + length(tier.rolls().left()) + " left over."));
        told.pieces().stream()
                .collect(Collectors.groupingBy(
                        piece -> word(piece.part()) + ", " + piece.material().label() + " "
                                + piece.board().label() + ": ",
                        LinkedHashMap::new,
                        Collectors.mapping(
                                piece -> piece.count() + " × " + length(piece.length()), Collectors.joining(", "))))
                .forEach((what, sizes) -> pages.paragraph(what + sizes + "."));
        told.cautions().forEach(pages::paragraph);
        IntStream.range(0, told.steps().size()).forEach(i -> {
            FenceStep step = told.steps().get(i);
            pages.paragraph((i + 1) + ". " + (step.day() > 0 ? "From day " + step.day() + ": " : "") + step.words());
        });
        gates.stream()
                .filter(gate -> gate.fence().filter(fence.id()::equals).isPresent())
                .forEach(this::writeGate);
        List<FenceSide> sides = study.sides(fence.id());
        IntStream.range(0, sides.size()).forEach(i -> drawSide(fence, told.soil(), sides.get(i)));
    }

    private void writeGate(GateTold gate) {
        gate.made()
                .ifPresent(made -> pages.paragraph(plan.nameOf(gate.gate()).orElse("Gate") + ": "
                        + length(made.between()) + " between its posts; "
                        + made.leaves() + (made.leaves() == 1 ? " leaf " : " leaves ") + length(made.leaf()) + " × "
                        + length(made.high()) + "; "
                        + made.pieces().stream()
                                .map(piece -> piece.count() + " × " + word(piece.part()) + " " + length(piece.length()))
                                .collect(Collectors.joining(", "))
                        + "; "
                        + made.fittings().stream()
                                .map(fitting -> fitting.count() + " × " + fitting.label())
                                .collect(Collectors.joining(", "))
                        + "."));
    }

    private static String word(FencePiece.Part part) {
        return part.name().toLowerCase(Locale.ROOT);
    }

    private void drawSide(Fence fence, Optional<Length> soil, FenceSide side) {
        FenceSide.SidePost first = side.posts().get(0);
        FenceSide.SidePost last = side.posts().get(side.posts().size() - 1);
        double rise = side.posts().stream()
                .mapToDouble(post -> Math.abs(post.ground().metres()))
                .max()
                .orElse(0);
        double deepest = side.posts().stream()
                .mapToDouble(post -> post.depth().metres())
                .max()
                .orElse(0);
        int divisor = Math.max(
                Pages.divisor(side.length().metres(), WIDE - 2 * LINE),
                Pages.divisor(fence.height().metres() + 2 * rise + deepest, SIDE_HIGH - 2 * LINE));
        pages.makeRoom(SIDE_HIGH + 2 * LINE);
        pages.down(LINE);
        pages.line(SMALL, first.mark() + " to " + last.mark() + ", " + length(side.length()) + ", 1:" + divisor);
        new Elevation(
                        fence,
                        soil.map(Length::metres).orElse(0.0),
                        side,
                        1000.0 / divisor,
                        MARGIN + LINE,
                        pages.y() + LINE,
                        rise)
                .draw();
        pages.down(SIDE_HIGH);
    }

    /** A side seen square to it. */
    private final class Elevation {

        private final Fence fence;
        private final double soil;
        private final FenceSide side;
        private final double per;
        private final double left;
        private final double ground;

        /** @param soil how high that of the beds stands in which the fence stands, metres */
        Elevation(Fence fence, double soil, FenceSide side, double per, double left, double top, double rise) {
            this.fence = fence;
            this.soil = soil;
            this.side = side;
            this.per = per;
            this.left = left;
            this.ground = top + (fence.height().metres() + rise) * per;
        }

        void draw() {
            line(Pens.PEN, 0);
            line(Pens.FINE, fence.height().metres());
            if (fence.foot().way() != FenceFoot.Way.OPEN) {
                line(Pens.HAIR, soil + fence.foot().up().metres());
                if (fence.foot().way() != FenceFoot.Way.APRON) {
                    line(Pens.HAIR, soil - fence.foot().down().metres());
                }
                if (soil > 0) {
                    line(Pens.PEN, soil);
                }
            }
            side.posts().forEach(this::post);
            for (int i = 1; i < side.posts().size(); i++) {
                span(side.posts().get(i - 1), side.posts().get(i));
            }
        }

        private Spot spot(FenceSide.SidePost post, double above) {
            return new Spot(
                    left + post.at().metres() * per, ground - (post.ground().metres() + above) * per);
        }

        /** Along the ground, so far above it. */
        private void line(double pen, double above) {
            pages.draw(new Stroke(
                    side.posts().stream().map(post -> spot(post, above)).toList(), false, pen, false));
        }

        private void post(FenceSide.SidePost post) {
            double pen = post.role().strong() ? Pens.BOLD : Pens.PEN;
            pages.draw(Stroke.line(
                    pen,
                    spot(post, -post.depth().metres()),
                    spot(post, fence.height().metres())));
            Spot top = spot(post, fence.height().metres());
            pages.draw(new Words(new Spot(top.x(), top.y() - 1.2), post.mark(), TINY, true, 0));
        }

        private void span(FenceSide.SidePost from, FenceSide.SidePost to) {
            Spot a = spot(from, 0);
            Spot b = spot(to, 0);
            pages.draw(new Words(
                    new Spot((a.x() + b.x()) / 2, Math.max(a.y(), b.y()) + TINY + 1),
                    length(to.at().minus(from.at())),
                    TINY,
                    true,
                    0));
        }
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
