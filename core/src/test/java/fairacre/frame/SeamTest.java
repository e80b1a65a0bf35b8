package fairacre.frame;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.shape.Insets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Where boards meet. */
class SeamTest {

    private static final double THICKNESS = Board.B2X10.thickness().metres();

    /** Half the width of a cut, metres. */
    private static final double SAW = 1e-5;
    /** What that and rounding to the micrometre make of the area of a board, square metres. */
    private static final double ROUNDED = 2e-5;

    private static BedRevision bed(double length, double width, double turn, Shape shape, Joint joint, int courses) {
        return new BedRevision(
                        SEASON,
                        rectangle(5, 4, length, width, turn),
                        Optional.of(new Frame(Material.CEDAR, Board.B2X10, courses, joint)))
                .withShape(rectangle(5, 4, length, width, turn), shape);
    }

    @Test
    void sidesThatRunPastShowTheEndsBetweenThem() {
        assertThat(Seam.of(bed(2, 1, 0, Shape.RECTANGLE, Joint.SIDES_PAST, 1)))
                .containsExactlyInAnyOrder(
                        seam(6, 3.5 + THICKNESS, 6 - THICKNESS, 3.5 + THICKNESS),
                        seam(6, 4.5 - THICKNESS, 6 - THICKNESS, 4.5 - THICKNESS),
                        seam(4, 4.5 - THICKNESS, 4 + THICKNESS, 4.5 - THICKNESS),
                        seam(4, 3.5 + THICKNESS, 4 + THICKNESS, 3.5 + THICKNESS));
    }

    @Test
    void aMitreRunsFromTheOuterCornerToTheInnerOne() {
        assertThat(Seam.of(bed(2, 1, 0, Shape.RECTANGLE, Joint.MITRE, 2)))
                .contains(seam(4, 3.5, 4 + THICKNESS, 3.5 + THICKNESS))
                .hasSize(4);
    }

    @Test
    void aBedWithoutBoardsHasNone() {
        assertThat(Seam.of(new BedRevision(SEASON, rectangle(5, 4, 2, 1, 0), Optional.empty())))
                .isEmpty();
    }

    private static Seam seam(double x1, double y1, double x2, double y2) {
        return new Seam(Point.metres(x1, y1), Point.metres(x2, y2));
    }

    static Stream<Arguments> frames() {
        List<Arguments> frames = new ArrayList<>();
        for (Joint joint : Joint.values()) {
            for (double turn : List.of(0.0, 31.5)) {
                frames.add(Arguments.of("rectangle", bed(2, 1, turn, Shape.RECTANGLE, joint, 1)));
                frames.add(Arguments.of("made-up sides", bed(7.3, 1, turn, Shape.RECTANGLE, joint, 1)));
                frames.add(Arguments.of("made-up sides, staggered", bed(7.3, 1, turn, Shape.RECTANGLE, joint, 2)));
                frames.add(Arguments.of("comb", bed(3, 2, turn, comb(2, 0.6, 0.6), joint, 1)));
                frames.add(Arguments.of(
                        "octagon",
                        bed(2, 2, turn, new Shape(new Form.Octagon(Length.metres(0.5)), List.of()), joint, 1)));
                frames.add(Arguments.of(
                        "keyhole",
                        bed(
                                3,
                                2,
                                turn,
                                new Shape(
                                        Shape.RECTANGLE.form(),
                                        List.of(new Keyhole(
                                                0, Length.metres(1.2), Length.metres(0.45), Length.metres(0.8)))),
                                joint,
                                1)));
            }
        }
        return frames.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("frames")
    @DisplayName(
            "outline, inside and seams part the timber into as many pieces as boards are cut for the course, of their sizes [JTS: overlay]")
    void seamsPartTheTimberIntoItsBoards(String what, BedRevision bed) {
        Polygon outside = Polygons.of(bed.corners());
        Geometry timber = outside.difference(Insets.of(outside, THICKNESS));
        List<Double> found = parted(timber, Seam.of(bed));
        int courses = bed.frame().orElseThrow().courses();
        List<Double> cut = FrameTakeoff.placed(bed, bed.frame().orElseThrow()).stream()
                .filter(piece -> piece.course() == courses)
                .map(piece -> piece.length().metres() * THICKNESS)
                .sorted()
                .toList();
        assertThat(found).hasSameSizeAs(cut);
        // A mitred board is shorter on one face, by its thickness at each square corner.
        double most = bed.frame().orElseThrow().joint() == Joint.MITRE || what.equals("octagon")
                ? THICKNESS * THICKNESS * 1.01
                : ROUNDED;
        for (int i = 0; i < cut.size(); i++) {
            assertThat(cut.get(i) - found.get(i)).isBetween(-ROUNDED, most);
        }
        assertThat(found.stream().mapToDouble(area -> area).sum()).isCloseTo(timber.getArea(), within(2e-5));
    }

    /** Sawn along the seams, with a saw so thin that it only makes up for places rounded to the micrometre. */
    private static List<Double> parted(Geometry timber, List<Seam> seams) {
        Geometry rest = timber;
        for (Seam seam : seams) {
            Geometry cut = BufferOp.bufferOp(
                    Polygons.line(List.of(seam.from(), seam.to())), SAW, 1, BufferParameters.CAP_SQUARE);
            rest = rest.difference(cut);
        }
        List<Double> areas = new ArrayList<>();
        for (int i = 0; i < rest.getNumGeometries(); i++) {
            areas.add(rest.getGeometryN(i).getArea());
        }
        return areas.stream().sorted().toList();
    }
}
