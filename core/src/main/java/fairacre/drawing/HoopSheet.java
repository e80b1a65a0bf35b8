package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;
import static fairacre.drawing.Pages.MARGIN;
import static fairacre.drawing.Pages.SMALL;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.hoop.HoopKinds;
import fairacre.hoop.HoopSet;
import fairacre.hoop.HoopStudy;
import fairacre.hoop.HoopTold;
import fairacre.hoop.HoopsOverBed;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The hoops of a season as A4 pages to build by: what a set takes, and over each of its beds a bow seen from its end,
 * to scale and with its measures.
 */
public final class HoopSheet {

    private static final double TINY = 2.6;
    private static final double WIDE = Pages.WIDTH - 2 * MARGIN;
    /** Room for a bow, millimetres. */
    private static final double HIGH = 70;
    /** Room for measures beside a bow and below it. */
    private static final double BESIDE = 22;

    private static final double BELOW = 4;
    private static final double TICK = 1.2;
    private static final int LONGEST_NAME = 60;

    private final Plan plan;
    private final int season;
    private final Pages pages;
    private final String title;

    private HoopSheet(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
        this.title = plan.name() + ", hoops " + season;
        this.pages = new Pages(title);
    }

    public static List<SheetDrawing> of(Plan plan, int season) {
        HoopSheet sheet = new HoopSheet(plan, season);
        sheet.draw();
        return sheet.pages.end();
    }

    private void draw() {
        pages.line(LARGE, title);
        List<HoopTold> told = HoopStudy.of(plan, season, plan.standing(season)).told();
        if (told.isEmpty()) {
            pages.line(SMALL, "No hoops stand in this season.");
        }
        List<HoopSet> sets = HoopKinds.sets(plan, season);
        told.forEach(
                each -> sets.stream().filter(set -> set.id().equals(each.set())).forEach(set -> draw(set, each)));
    }

    private void draw(HoopSet set, HoopTold told) {
        pages.makeRoom(HIGH + 6 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(set.name(), LONGEST_NAME));
        told.cut()
                .ifPresent(cut -> pages.paragraph(told.bows() + " bows of "
                        + set.pipe().label() + ", each " + length(cut) + " long, "
                        + String.format(Locale.ROOT, "%.1f kg in all; ", told.kilograms())
                        + set.anchor().label().toLowerCase(Locale.ROOT) + ", " + length(set.depth()) + " deep; "
                        + whole(told.ties()) + " of cord in " + set.weather().ties()
                        + (set.weather().ties() == 1
                                ? " line, along the ridge."
                                : " lines: the ridge, and a third of the way up.")));
        told.cautions().forEach(pages::paragraph);
        told.over().stream()
                .filter(over -> over.misfit().isPresent())
                .forEach(over -> pages.paragraph(name(over) + ": the set doesn't go over it."));
        told.over().stream()
                .filter(over -> over.misfit().isEmpty())
                .collect(Collectors.groupingBy(
                        over -> List.of(over.span(), over.rise(), over.apart()),
                        LinkedHashMap::new,
                        Collectors.toList()))
                .values()
                .forEach(alike -> draw(set, alike));
    }

    private String name(HoopsOverBed over) {
        return plan.nameOf(over.bed()).orElse("A bed that is gone");
    }

    /** Beds over which the bows stand alike. */
    private void draw(HoopSet set, List<HoopsOverBed> alike) {
        HoopsOverBed over = alike.get(0);
        double all = over.rise().plus(set.depth()).metres();
        int divisor =
                Math.max(Pages.divisor(over.span().metres(), WIDE - 2 * BESIDE), Pages.divisor(all, HIGH - 2 * LINE));
        pages.makeRoom(all * 1000 / divisor + 5 * LINE);
        pages.down(LINE / 2);
        pages.paragraph(Wording.names(alike.stream().map(this::name).toList()) + ": " + over.bows() + " bows"
                + (alike.size() > 1 ? " each, " : ", ") + length(over.apart()) + " apart"
                + over.sheet()
                        .map(sheet -> "; " + set.cover().label().toLowerCase(Locale.ROOT) + ": "
                                + length(sheet.length()) + " × " + length(sheet.width()))
                        .orElse("")
                + ". 1:" + divisor);
        new Elevation(set, over, 1000.0 / divisor, pages.y()).draw();
        pages.down(all * 1000 / divisor + 2 * LINE);
    }

    /** A bow seen from the end of its bed. */
    private final class Elevation {

        private final HoopSet set;
        private final HoopsOverBed over;
        private final double per;
        private final double ground;

        Elevation(HoopSet set, HoopsOverBed over, double per, double top) {
            this.set = set;
            this.over = over;
            this.per = per;
            this.ground = top + over.rise().metres() * per;
        }

        void draw() {
            double half = over.span().metres() / 2;
            double deep = -set.depth().metres();
            pages.draw(new Stroke(
                    over.side().stream()
                            .map(place -> spot(place.x().metres(), place.y().metres()))
                            .toList(),
                    false,
                    Pens.BOLD,
                    false));
            pages.draw(Stroke.line(Pens.BOLD, spot(-half, 0), spot(-half, deep)));
            pages.draw(Stroke.line(Pens.BOLD, spot(half, 0), spot(half, deep)));
            Spot left = spot(-half, 0);
            Spot right = spot(half, 0);
            pages.draw(Stroke.line(
                    Pens.FINE, new Spot(left.x() - BESIDE / 2, ground), new Spot(right.x() + BESIDE / 2, ground)));
            measures(left, right);
        }

        private void measures(Spot left, Spot right) {
            Spot top = spot(0, over.rise().metres());
            pages.draw(Stroke.line(Pens.FINE, top, new Spot(top.x(), ground)));
            pages.draw(
                    new Words(new Spot(top.x() + TICK, (top.y() + ground) / 2), length(over.rise()), TINY, false, 0));
            double foot = ground + set.depth().metres() * per;
            double line = foot + BELOW;
            pages.draw(Stroke.line(Pens.FINE, new Spot(left.x(), line), new Spot(right.x(), line)));
            for (Spot end : List.of(left, right)) {
                pages.draw(Stroke.line(Pens.FINE, new Spot(end.x(), line - TICK), new Spot(end.x(), line + TICK)));
            }
            pages.draw(new Words(
                    new Spot((left.x() + right.x()) / 2, line + TINY + 1), length(over.span()), TINY, true, 0));
            pages.draw(new Words(
                    new Spot(right.x() + TICK, (ground + foot) / 2 + TINY / 2), length(set.depth()), TINY, false, 0));
        }

        private Spot spot(double x, double y) {
            return new Spot(Pages.WIDTH / 2 + x * per, ground - y * per);
        }
    }

    /** Up to a whole metre or foot. */
    private String whole(Length length) {
        return plan.units() == Units.METRIC
                ? (int) Math.ceil(length.metres()) + " m"
                : (int) Math.ceil(length.inches() / 12) + " ft";
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
