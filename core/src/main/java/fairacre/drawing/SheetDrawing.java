package fairacre.drawing;

import fairacre.appraisal.Appraisal;
import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.frame.Seam;
import fairacre.goods.WalkGrade;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import fairacre.shape.Insets;
import fairacre.shape.Memo;
import fairacre.shape.PlotSides;
import fairacre.shape.Ring;
import fairacre.walk.Gap;
import fairacre.water.WaterStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * The plan of one season on paper.
 *
 * @param title of the document
 * @param paper name of the sheet: {@code A3}
 * @param width of the sheet as it lies, millimetres
 */
public record SheetDrawing(String title, String paper, double width, double height, List<Mark> marks) {

    /** Room round the plot for its dimensions. */
    private static final double ROUND = 12;

    private static final double SMALL = 2.2;
    private static final double NORMAL = 3;
    private static final double TICK = 1.2;
    /** Corners of what is drawn round. */
    private static final int CIRCLE = 48;
    /** Gaps longer than this on the ground are open garden and not worth a dimension, metres. */
    private static final double LONGEST_GAP = 3;
    /** Boards that are thinner on paper are drawn as one band, millimetres. */
    private static final double TOLD_APART = 0.5;

    /** @throws RefusedException if the plot doesn't fit on the largest sheet at this scale */
    public static SheetDrawing of(Plan plan, int season, Scale scale) {
        return of(plan, season, scale, List.of());
    }

    /**
     * The same with the numbers of its snags, where they have a place and the sheet has room.
     *
     * @param snags in the order of their numbers, the first is 1; {@link SnagSheet} says what they are
     * @throws RefusedException if the plot doesn't fit on the largest sheet at this scale
     */
    public static SheetDrawing of(Plan plan, int season, Scale scale, List<Snag> snags) {
        return new Layout(plan, season, scale).drawing(snags);
    }

    /**
     * The plot, its beds with their names, and what stands there, without dimensions: to hang up and to write in.
     *
     * @throws RefusedException if the plot doesn't fit on the largest sheet at this scale
     */
    public static SheetDrawing outline(Plan plan, int season, Scale scale) {
        return new Layout(plan, season, scale).outline();
    }

    private static final class Layout {
        private final Plan plan;
        private final int season;
        private final Scale scale;
        private final double left;
        private final double top;
        private final double plotWidth;
        private final double plotHeight;
        private final Paper paper;
        private final List<Mark> marks = new ArrayList<>();
        private PlacedWords words;

        Layout(Plan plan, int season, Scale scale) {
            this.plan = plan;
            this.season = season;
            this.scale = scale;
            List<Point> corners = Stream.concat(
                            plan.site().pieces().stream().flatMap(List::stream),
                            plan.standingThings(season).stream().flatMap(feature -> feature.places().stream()))
                    .toList();
            this.left = corners.stream().mapToDouble(c -> c.x().metres()).min().orElseThrow();
            this.top = corners.stream().mapToDouble(c -> c.y().metres()).max().orElseThrow();
            double right =
                    corners.stream().mapToDouble(c -> c.x().metres()).max().orElseThrow();
            double bottom =
                    corners.stream().mapToDouble(c -> c.y().metres()).min().orElseThrow();
            this.plotWidth = scale.onPaper(right - left);
            this.plotHeight = scale.onPaper(top - bottom);
            this.paper = paper();
        }

        private Paper paper() {
            double needWidth = plotWidth + 2 * (TitleBlock.MARGIN + ROUND);
            double needHeight = plotHeight + 2 * (TitleBlock.MARGIN + ROUND) + TitleBlock.HEIGHT;
            return Paper.smallest(needWidth, needHeight, plan.units())
                    .orElseThrow(() -> new RefusedException(
                            "scale",
                            "at " + scale.label() + " the plot is larger than the largest sheet of paper",
                            "take a smaller scale, such as " + Scale.ONE_TO_200.label()));
        }

        SheetDrawing drawing(List<Snag> snags) {
            words = placedWords();
            plan.site().pieces().forEach(this::drawPiece);
            plan.standing(season).forEach(this::drawBed);
            plan.walks(season).forEach(this::drawWalk);
            plan.standingThings(season).forEach(this::drawFeature);
            drawWater();
            plan.waysIn(season).forEach(this::drawWayIn);
            plan.site().pieces().forEach(this::writeSides);
            plan.standingThings(season).forEach(this::nameFeature);
            plan.waysIn(season).forEach(this::nameWayIn);
            drawGaps();
            plan.walks(season).forEach(this::nameWalk);
            for (int i = 0; i < snags.size(); i++) {
                String number = String.valueOf(i + 1);
                snags.get(i).place().ifPresent(place -> words.number(spot(place), number, SMALL));
            }
            marks.addAll(words.marks());
            marks.addAll(TitleBlock.of(plan, season, scale, paper));
            return new SheetDrawing(
                    plan.name() + " " + season, paper.name(), paper.width(), paper.height(), List.copyOf(marks));
        }

        SheetDrawing outline() {
            words = placedWords();
            plan.site().pieces().forEach(this::drawPiece);
            plan.walks(season)
                    .forEach(walk -> marks.add(
                            new Stroke(walk.corners().stream().map(this::spot).toList(), true, Pens.FINE, false)));
            plan.standing(season).forEach(this::drawEmptyBed);
            plan.standingThings(season).forEach(this::drawFeature);
            plan.waysIn(season).forEach(this::drawWayIn);
            plan.standingThings(season).forEach(this::nameFeature);
            marks.addAll(words.marks());
            marks.addAll(TitleBlock.of(plan, season, scale, paper));
            return new SheetDrawing(
                    plan.name() + " " + season + ", outline",
                    paper.name(),
                    paper.width(),
                    paper.height(),
                    List.copyOf(marks));
        }

        /** Its name stands at its upper edge, so that there is room to write below. */
        private void drawEmptyBed(StandingBed bed) {
            List<Spot> round = bed.outline().corners().stream().map(this::spot).toList();
            marks.add(new Stroke(bed.corners().stream().map(this::spot).toList(), true, Pens.PEN, false));
            double turn = readable(round.get(0), round.get(isLengthwise(bed) ? 1 : 3));
            double across = scale.onPaper(bed.outline().shorterSide().metres());
            double height = Math.min(SMALL, across / 4);
            double room = scale.onPaper(bed.outline().longerSide().metres()) - 3;
            words.write(words(
                    offset(spot(bed.outline().centre()), turn, height * 1.5 - across / 2),
                    PlacedWords.fitted(bed.name(), height, room),
                    height,
                    turn));
        }

        private static boolean isLengthwise(StandingBed bed) {
            return bed.outline().length().compareTo(bed.outline().width()) >= 0;
        }

        /** The plot stands in the middle of what the title block leaves of the sheet. */
        private Spot spot(double x, double y) {
            double beside = (paper.width() - plotWidth) / 2;
            double above = (paper.height() - TitleBlock.HEIGHT - plotHeight) / 2;
            return new Spot(beside + scale.onPaper(x - left), above + scale.onPaper(top - y));
        }

        private Spot spot(Point point) {
            return spot(point.x().metres(), point.y().metres());
        }

        /**
         * Words keep off the frame of the sheet and its title, off the gates, and off the edges of the plot and of
         * beds.
         */
        private PlacedWords placedWords() {
            Polygon room = (Polygon) Hatch.area(List.of(
                    new Spot(TitleBlock.MARGIN, TitleBlock.MARGIN),
                    new Spot(paper.width() - TitleBlock.MARGIN, TitleBlock.MARGIN),
                    new Spot(paper.width() - TitleBlock.MARGIN, paper.height() - TitleBlock.MARGIN - TitleBlock.HEIGHT),
                    new Spot(TitleBlock.MARGIN, paper.height() - TitleBlock.MARGIN - TitleBlock.HEIGHT)));
            Stream<Geometry> gates = plan.waysIn(season).stream().map(gate -> square(spot(gate.place()), TICK));
            Stream<Geometry> edges = Stream.concat(
                            plan.site().pieces().stream(),
                            plan.standing(season).stream().map(StandingBed::corners))
                    .map(round -> Hatch.area(round.stream().map(this::spot).toList())
                            .getBoundary()
                            .buffer(Pens.PEN / 2));
            return new PlacedWords(room, Stream.concat(gates, edges).toList());
        }

        private static Polygon square(Spot at, double half) {
            return (Polygon) Hatch.area(List.of(
                    new Spot(at.x() - half, at.y() - half),
                    new Spot(at.x() + half, at.y() - half),
                    new Spot(at.x() + half, at.y() + half),
                    new Spot(at.x() - half, at.y() + half)));
        }

        /** Its surface is drawn where no bed lies on it. */
        private void drawWalk(Walk walk) {
            List<Spot> round = walk.corners().stream().map(this::spot).toList();
            marks.add(new Stroke(round, true, Pens.FINE, false));
            List<Geometry> beds = plan.standing(season).stream()
                    .map(bed ->
                            Hatch.area(bed.corners().stream().map(this::spot).toList()))
                    .toList();
            Hatch hatch = walk.grade() == WalkGrade.MAIN ? Hatch.PAVED : Hatch.TRODDEN;
            marks.addAll(hatch.of(Hatch.without(Hatch.area(round), beds)));
        }

        private void nameWalk(Walk walk) {
            words.name(middle(walk.corners()), walk.name(), SMALL);
        }

        private Spot middle(List<Point> places) {
            List<Spot> spots = places.stream().map(this::spot).toList();
            return new Spot(
                    spots.stream().mapToDouble(Spot::x).average().orElseThrow(),
                    spots.stream().mapToDouble(Spot::y).average().orElseThrow());
        }

        private void nameFeature(Feature feature) {
            words.name(middle(feature.places()), feature.name(), SMALL);
        }

        private void nameWayIn(WayIn gate) {
            words.name(spot(gate.place()), gate.name() + " " + length(gate.width()), SMALL);
        }

        /** Areas and lines as they lie, a house hatched, a tree with its crown, other spots as a small cross. */
        private void drawFeature(Feature feature) {
            List<Spot> places = feature.places().stream().map(this::spot).toList();
            if (feature.kind() == FeatureKind.HOUSE) {
                marks.addAll(Hatch.MASONRY.of(Hatch.area(places)));
            }
            if (feature.kind() == FeatureKind.TREE && feature.margin().isPositive()) {
                double radius = scale.onPaper(feature.margin().metres());
                marks.add(new Stroke(
                        IntStream.range(0, CIRCLE)
                                .mapToObj(i -> places.get(0).towards(2 * Math.PI * i / CIRCLE, radius))
                                .toList(),
                        true,
                        Pens.FINE,
                        false));
            }
            boolean area = feature.kind().extent() == FeatureKind.Extent.AREA;
            if (FenceLine.isOpened(feature)) {
                FenceLine.of(feature, plan.setting(season))
                        .parts()
                        .forEach(part -> marks.add(new Stroke(
                                part.stream().map(this::spot).toList(),
                                false,
                                Math.max(
                                        Pens.FINE,
                                        scale.onPaper(feature.breadth().metres())),
                                false)));
            } else if (places.size() > 1) {
                double pen = area
                        ? Pens.PEN
                        : Math.max(Pens.FINE, scale.onPaper(feature.breadth().metres()));
                marks.add(new Stroke(places, area, pen, false));
            } else {
                Spot at = places.get(0);
                marks.add(Stroke.line(Pens.PEN, new Spot(at.x() - TICK, at.y()), new Spot(at.x() + TICK, at.y())));
                marks.add(Stroke.line(Pens.PEN, new Spot(at.x(), at.y() - TICK), new Spot(at.x(), at.y() + TICK)));
            }
        }

        /** Runs of pipe like what is built, lines in beds fine. */
        private void drawWater() {
            WaterStudy water = WaterStudy.of(plan, season, plan.standing(season), Memo.none());
            water.runs().forEach(run -> marks.add(line(run.places(), Pens.PEN)));
            water.linesToBeds().forEach(places -> marks.add(line(places, Pens.FINE)));
        }

        private Stroke line(List<Point> places, double pen) {
            return new Stroke(places.stream().map(this::spot).toList(), false, pen, false);
        }

        private void drawWayIn(WayIn gate) {
            LineSegment opening = PlotSides.opening(gate, plan.setting(season));
            marks.addAll(
                    GateSymbol.of(spot(opening.p0.x, opening.p0.y), spot(opening.p1.x, opening.p1.y), gate.swing()));
        }

        private void drawPiece(List<Point> corners) {
            marks.add(new Stroke(corners.stream().map(this::spot).toList(), true, Pens.BOLD, false));
        }

        private void writeSides(List<Point> corners) {
            boolean counterClockwise = signedArea(corners) > 0;
            for (int i = 0; i < corners.size(); i++) {
                Point from = corners.get(i);
                Point to = corners.get((i + 1) % corners.size());
                sideLength(counterClockwise ? from : to, counterClockwise ? to : from);
            }
        }

        private static double signedArea(List<Point> corners) {
            double sum = 0;
            for (int i = 0; i < corners.size(); i++) {
                Point a = corners.get(i);
                Point b = corners.get((i + 1) % corners.size());
                sum += a.x().metres() * b.y().metres() - b.x().metres() * a.y().metres();
            }
            return sum / 2;
        }

        /**
         * The length of a side, written outside of the plot, which lies to the left of the way from one end to the
         * other.
         */
        private void sideLength(Point from, Point to) {
            Spot a = spot(from);
            Spot b = spot(to);
            double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
            double outX = -(b.y() - a.y()) / length;
            double outY = (b.x() - a.x()) / length;
            Spot at = new Spot((a.x() + b.x()) / 2 + outX * 5, (a.y() + b.y()) / 2 + outY * 5);
            words.write(words(at, length(from.distance(to)), NORMAL, readable(a, b)));
        }

        private void drawBed(StandingBed bed) {
            List<Spot> round = bed.outline().corners().stream().map(this::spot).toList();
            marks.add(new Stroke(bed.corners().stream().map(this::spot).toList(), true, Pens.PEN, false));
            if (bed.revision().thickness().isPositive()) {
                marks.add(new Stroke(inside(bed), true, Pens.FINE, false));
            }
            if (scale.onPaper(bed.revision().thickness().metres()) >= TOLD_APART) {
                Seam.of(bed.revision())
                        .forEach(seam -> marks.add(Stroke.line(Pens.FINE, spot(seam.from()), spot(seam.to()))));
            }
            Spot middle = spot(bed.outline().centre());
            double turn = readable(round.get(0), round.get(isLengthwise(bed) ? 1 : 3));
            double room = scale.onPaper(bed.outline().longerSide().metres()) - 3;
            double height =
                    Math.min(NORMAL, scale.onPaper(bed.outline().shorterSide().metres()) / 4);
            words.write(words(
                    offset(middle, turn, -height * 0.3), PlacedWords.fitted(bed.name(), height, room), height, turn));
            String size = length(bed.outline().length()) + " × "
                    + length(bed.outline().width())
                    + (bed.revision().height().isPositive()
                            ? ", " + length(bed.revision().height()) + " high"
                            : "");
            double small = Math.min(height * SMALL / NORMAL, room / (size.length() * 0.55));
            words.write(words(offset(middle, turn, height * 1.1), size, small, turn));
        }

        private List<Spot> inside(StandingBed bed) {
            Ring inside = Ring.of((Polygon) Insets.of(
                    Polygons.of(bed.corners()), bed.revision().thickness().metres()));
            List<Spot> spots = new ArrayList<>();
            for (int corner = 0; corner < inside.edges(); corner++) {
                spots.add(spot(Point.metres(inside.cornerX(corner), inside.cornerY(corner))));
            }
            return spots;
        }

        private void drawGaps() {
            for (Gap gap : Appraisal.of(plan, season).gaps()) {
                Spot a = spot(gap.start());
                Spot b = spot(gap.end());
                double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
                if (gap.distance().metres() > LONGEST_GAP || length < TICK) {
                    continue;
                }
                double turn = readable(a, b);
                Spot middle = new Spot((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
                String text = length(gap.distance());
                boolean roomAlong = text.length() * SMALL * 0.55 < length;
                Words figure = words(
                        offset(middle, turn, roomAlong ? -0.7 : -1.2), text, roomAlong ? SMALL : SMALL * 0.8, turn);
                if (words.write(figure)) {
                    marks.add(Stroke.line(Pens.FINE, a, b));
                    tick(a, a, b, length);
                    tick(b, a, b, length);
                }
            }
        }

        /** A short slanting stroke where a dimension line ends. */
        private void tick(Spot at, Spot a, Spot b, double length) {
            double ux = (b.x() - a.x()) / length;
            double uy = (b.y() - a.y()) / length;
            double dx = (ux - uy) * TICK / 2;
            double dy = (uy + ux) * TICK / 2;
            marks.add(Stroke.line(Pens.PEN, new Spot(at.x() - dx, at.y() - dy), new Spot(at.x() + dx, at.y() + dy)));
        }

        private static Words words(Spot at, String text, double height, double turn) {
            return new Words(at, text, height, true, turn);
        }

        /** A step across the reading direction, down being positive. */
        private static Spot offset(Spot spot, double turn, double down) {
            double angle = Math.toRadians(turn);
            return new Spot(spot.x() - Math.sin(angle) * down, spot.y() + Math.cos(angle) * down);
        }

        /** Turn of words along a line so that they are read from below or from the right. */
        private static double readable(Spot a, Spot b) {
            double turn = Math.toDegrees(Math.atan2(b.y() - a.y(), b.x() - a.x()));
            double half = ((turn % 180) + 180) % 180;
            return half >= 90 - 1e-6 ? half - 180 : half;
        }

        private String length(Length length) {
            return LengthText.format(length, plan.units());
        }
    }
}
