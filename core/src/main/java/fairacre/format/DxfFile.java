package fairacre.format;

import fairacre.format.GroundPlan.Drawn;
import fairacre.format.GroundPlan.Layer;
import fairacre.outline.Point;
import fairacre.plan.FeatureKind.Extent;
import fairacre.plan.Plan;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/**
 * The plot of a season as a drawing for programs that construct: DXF of release 12, which all of them read. One unit is
 * a metre. Each layer of the plot is one of the drawing; outlines and lines are polylines, places are points, and names
 * stand as text in the middle of what they name, 15 cm high.
 *
 * <p>Group codes are those of the DXF Reference of Autodesk, release 12, from memory; a test reads the file with
 * another's reader.
 */
public final class DxfFile {

    private static final double TEXT_HEIGHT = 0.15;
    /** ASCII ends before it. */
    private static final int ASCII = 0x80;

    /** Numbers of the usual colours of a drawing, by layer: 7 is black on white paper. */
    private static final int BLACK = 7;

    private static final int CLOSED = 1;

    private final StringBuilder text = new StringBuilder();

    private DxfFile() {}

    /** In ASCII: letters beyond it are written as their code points, as the format has it. */
    public static byte[] of(Plan plan, int season) {
        DxfFile file = new DxfFile();
        file.put(999, "Metres. " + plan.name() + ", " + season);
        file.section("HEADER");
        file.put(9, "$ACADVER");
        file.put(1, "AC1009");
        file.put(0, "ENDSEC");
        file.layers();
        file.section("ENTITIES");
        GroundPlan.of(plan, season).forEach(file::entity);
        file.put(0, "ENDSEC");
        file.put(0, "EOF");
        return file.text.toString().getBytes(StandardCharsets.US_ASCII);
    }

    private void section(String name) {
        put(0, "SECTION");
        put(2, name);
    }

    private void layers() {
        section("TABLES");
        put(0, "TABLE");
        put(2, "LAYER");
        put(70, String.valueOf(Layer.values().length));
        for (Layer layer : Layer.values()) {
            put(0, "LAYER");
            put(2, layer.name());
            put(70, "0");
            put(62, String.valueOf(BLACK));
            put(6, "CONTINUOUS");
        }
        put(0, "ENDTAB");
        put(0, "ENDSEC");
    }

    private void entity(Drawn drawn) {
        if (drawn.extent() == Extent.SPOT) {
            on("POINT", drawn.layer());
            place(drawn.places().get(0));
        } else {
            polyline(drawn);
        }
        if (!drawn.name().isEmpty()) {
            on("TEXT", drawn.layer());
            place(middle(drawn.places()));
            put(40, number(TEXT_HEIGHT));
            put(1, drawn.name());
        }
    }

    private void polyline(Drawn drawn) {
        on("POLYLINE", drawn.layer());
        put(66, "1");
        put(70, String.valueOf(drawn.extent() == Extent.AREA ? CLOSED : 0));
        drawn.places().forEach(corner -> {
            on("VERTEX", drawn.layer());
            place(corner);
        });
        on("SEQEND", drawn.layer());
    }

    private void on(String entity, Layer layer) {
        put(0, entity);
        put(8, layer.name());
    }

    private void place(Point place) {
        put(10, number(place.x().metres()));
        put(20, number(place.y().metres()));
        put(30, number(0));
    }

    private static Point middle(List<Point> places) {
        return Point.metres(
                places.stream().mapToDouble(p -> p.x().metres()).average().orElseThrow(),
                places.stream().mapToDouble(p -> p.y().metres()).average().orElseThrow());
    }

    /** To the micrometre. */
    private static String number(double metres) {
        return String.format(Locale.ROOT, "%.6f", metres);
    }

    /** A group: its code, and what it holds on a line of its own. */
    private void put(int code, String value) {
        text.append(String.format(Locale.ROOT, "%3d", code)).append("\r\n");
        value.codePoints().forEach(this::letter);
        text.append("\r\n");
    }

    private void letter(int letter) {
        if (letter < ' ') {
            text.append(' ');
        } else if (letter < ASCII) {
            text.append((char) letter);
        } else {
            for (char unit : Character.toChars(letter)) {
                text.append(String.format(Locale.ROOT, "\\U+%04X", (int) unit));
            }
        }
    }
}
