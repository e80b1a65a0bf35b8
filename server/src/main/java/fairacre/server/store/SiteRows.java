package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.PLOT_CORNER;
import static fairacre.server.store.generated.Tables.SPOT_HEIGHT;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Clearing;
import fairacre.plan.Cover;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.SqueezeTest;
import fairacre.server.store.generated.tables.records.PlotCornerRecord;
import fairacre.server.store.generated.tables.records.SpotHeightRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Record;

/** The plot, from rows and into rows. */
final class SiteRows {

    static final ListedRows<PlotCornerRecord, Corner> CORNERS = new ListedRows<>(
            plan -> corners(plan.site()),
            PLOT_CORNER,
            PLOT_CORNER.GARDEN,
            List.of(PLOT_CORNER.PIECE, PLOT_CORNER.POSITION),
            (row, currency) -> new Corner(
                    row.get(PLOT_CORNER.PIECE),
                    row.get(PLOT_CORNER.POSITION),
                    Columns.point(row.get(PLOT_CORNER.X), row.get(PLOT_CORNER.Y))),
            (garden, position, corner) -> new PlotCornerRecord(
                    garden,
                    corner.position(),
                    corner.place().x().micrometres(),
                    corner.place().y().micrometres(),
                    corner.piece()));

    static final ListedRows<SpotHeightRecord, SpotHeight> LEVELS = new ListedRows<>(
            plan -> plan.site().levels(),
            SPOT_HEIGHT,
            SPOT_HEIGHT.GARDEN,
            List.of(SPOT_HEIGHT.POSITION),
            (row, currency) -> new SpotHeight(
                    Columns.point(row.get(SPOT_HEIGHT.X), row.get(SPOT_HEIGHT.Y)),
                    new Length(row.get(SPOT_HEIGHT.HEIGHT))),
            (garden, position, level) -> new SpotHeightRecord(
                    garden,
                    position,
                    level.place().x().micrometres(),
                    level.place().y().micrometres(),
                    level.height().micrometres()));

    /** A corner of one of the pieces of the plot. */
    record Corner(int piece, int position, Point place) {}

    private SiteRows() {}

    private static List<Corner> corners(Site site) {
        List<Corner> corners = new ArrayList<>();
        for (int piece = 0; piece < site.pieces().size(); piece++) {
            List<Point> places = site.pieces().get(piece);
            for (int i = 0; i < places.size(); i++) {
                corners.add(new Corner(piece, i, places.get(i)));
            }
        }
        return corners;
    }

    /** @param row of the garden */
    static Site site(Record row) {
        List<List<Point>> pieces = new ArrayList<>();
        for (Corner corner : CORNERS.read(row)) {
            if (corner.piece() == pieces.size()) {
                pieces.add(new ArrayList<>());
            }
            pieces.get(corner.piece()).add(corner.place());
        }
        SoilNotes soil = new SoilNotes(
                SqueezeTest.valueOf(row.get(GARDEN.SQUEEZE)),
                Optional.ofNullable(row.get(GARDEN.PERCOLATION)).map(Length::new),
                Cover.valueOf(row.get(GARDEN.COVER)),
                Clearing.valueOf(row.get(GARDEN.CLEARING)));
        return new Site(
                pieces.get(0),
                pieces.subList(1, pieces.size()),
                row.get(GARDEN.NORTH),
                row.get(GARDEN.LATITUDE),
                Optional.ofNullable(row.get(GARDEN.LONGITUDE)),
                row.get(GARDEN.APPROXIMATE),
                LEVELS.read(row),
                soil);
    }
}
