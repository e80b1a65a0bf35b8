package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;

import fairacre.fence.PostKind;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisKinds;
import fairacre.trellis.TrellisTold;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The trellises of a season, each seen square to its line and unrolled where it has corners. */
final class TrellisElevations {

    /** Lines of net are drawn so far apart, metres. */
    private static final double MESH = 0.15;

    private final Plan plan;
    private final int season;
    private final Pages pages;

    TrellisElevations(Plan plan, int season, Pages pages) {
        this.plan = plan;
        this.season = season;
        this.pages = pages;
    }

    void draw(List<TrellisTold> told) {
        List<Trellis> trellises = TrellisKinds.trellises(plan, season);
        told.forEach(each -> trellises.stream()
                .filter(trellis -> trellis.id().equals(each.trellis()))
                .forEach(trellis -> draw(trellis, each)));
    }

    private void draw(Trellis trellis, TrellisTold told) {
        pages.makeRoom(Elevation.HIGH + 5 * LINE);
        pages.down(LINE);
        pages.line(LARGE, Pages.shortened(trellis.name(), Pages.LONGEST_NAME));
        double length = told.length().metres();
        double high = trellis.height().metres();
        double deep = told.posts().map(posts -> posts.depth().metres()).orElse(0.0);
        Elevation elevation = new Elevation(pages, plan.units(), length, high, deep);
        elevation.begin(heading(trellis, told));
        double left = -length / 2;
        infill(elevation, trellis, told, left);
        for (Length mark : told.marks()) {
            double x = left + mark.metres();
            if (trellis.kind() == TrellisKind.TEEPEE) {
                for (double side : List.of(-0.5, -0.2, 0.2, 0.5)) {
                    elevation.line(Pens.FINE, x + side * trellis.base().metres(), 0, x, high);
                }
            } else {
                elevation.line(Pens.BOLD, x, high, x, -deep);
            }
        }
        elevation.end();
    }

    private void infill(Elevation elevation, Trellis trellis, TrellisTold told, double left) {
        double right = left + told.length().metres();
        double high = trellis.height().metres();
        double bottom = switch (trellis.kind()) {
            case NETTING, A_FRAME -> 0;
            case PANEL ->
                Math.max(0, high - told.covered().squareMetres() / told.length().metres());
            case WIRES, STAKES, TEEPEE -> high;
        };
        for (double x = left; bottom < high && x <= right + MESH / 2; x += MESH) {
            elevation.line(Pens.FINE, Math.min(x, right), bottom, Math.min(x, right), high);
        }
        double apart = trellis.kind() == TrellisKind.WIRES ? high / told.rows() : MESH;
        double least = trellis.kind() == TrellisKind.WIRES ? apart / 2 : bottom;
        boolean lined = trellis.kind() != TrellisKind.STAKES && trellis.kind() != TrellisKind.TEEPEE;
        for (double y = high; lined && y >= least - 1e-9; y -= apart) {
            elevation.line(Pens.FINE, left, y, right, y);
        }
    }

    private String heading(Trellis trellis, TrellisTold told) {
        List<String> parts = new ArrayList<>();
        List<String> beds = told.beds().stream()
                .map(bed -> plan.nameOf(bed).orElse("a bed that is gone"))
                .toList();
        parts.add(trellis.kind().label() + (beds.isEmpty() ? "" : " at " + Wording.names(beds)));
        told.posts()
                .ifPresent(posts -> parts.add(posts.count() + " posts (" + words(trellis.posts()) + "), each "
                        + length(posts.bought()) + " long, " + length(posts.depth()) + " of it in the ground"));
        told.piece().ifPresent(piece -> parts.add(pieces(trellis.kind(), told, length(piece))));
        if (told.rows() > 0) {
            String rows = told.rows() == 1 ? "one row" : told.rows() + " rows";
            parts.add(rows + (trellis.kind() == TrellisKind.WIRES ? " of wire" : " of panels"));
        }
        parts.add(String.format(Locale.ROOT, "%.0f kg in all", told.kilograms()));
        return String.join("; ", parts);
    }

    private static String pieces(TrellisKind kind, TrellisTold told, String piece) {
        int many = told.marks().size();
        return switch (kind) {
            case TEEPEE ->
                (many == 1 ? "one" : many + " teepees, each") + " of " + told.canes() + " canes " + piece
                        + " long at least";
            case STAKES -> many + " stakes, each " + piece + " long";
            default -> "each leaning side " + piece + " from foot to top";
        };
    }

    private static String words(PostKind posts) {
        return posts.label().toLowerCase(Locale.ROOT);
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
