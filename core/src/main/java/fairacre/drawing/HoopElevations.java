package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;

import fairacre.hoop.HoopKinds;
import fairacre.hoop.HoopSet;
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

/** The hoops of a season: what a set takes, and over each of its beds a bow seen from its end. */
final class HoopElevations {

    private final Plan plan;
    private final int season;
    private final Pages pages;

    HoopElevations(Plan plan, int season, Pages pages) {
        this.plan = plan;
        this.season = season;
        this.pages = pages;
    }

    void draw(List<HoopTold> told) {
        List<HoopSet> sets = HoopKinds.sets(plan, season);
        told.forEach(
                each -> sets.stream().filter(set -> set.id().equals(each.set())).forEach(set -> draw(set, each)));
    }

    private void draw(HoopSet set, HoopTold told) {
        pages.makeRoom(Elevation.HIGH + 6 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(set.name(), Pages.LONGEST_NAME));
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
        double span = over.span().metres();
        double deep = set.depth().metres();
        Elevation elevation =
                new Elevation(pages, plan.units(), span, over.rise().metres(), deep);
        elevation.begin(Wording.names(alike.stream().map(this::name).toList()) + ": " + over.bows() + " bows"
                + (alike.size() > 1 ? " each, " : ", ") + length(over.apart()) + " apart"
                + over.sheet()
                        .map(sheet -> "; " + set.cover().label().toLowerCase(Locale.ROOT) + ": "
                                + length(sheet.length()) + " × " + length(sheet.width()))
                        .orElse(""));
        elevation.line(
                Pens.BOLD,
                over.side().stream()
                        .map(place ->
                                elevation.spot(place.x().metres(), place.y().metres()))
                        .toList());
        for (double side : List.of(-span / 2, span / 2)) {
            elevation.line(Pens.BOLD, side, 0, side, -deep);
        }
        elevation.end();
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
