package fairacre.hoop;

import java.util.List;

/**
 * What a bow looks like from its end, by half of its span and its rise, both in metres. A bow is the same left and
 * right, and longer the higher it rises.
 */
public enum BowForm {
    /** Part of a circle; where it is higher than half its span, half a circle on straight legs. */
    CIRCLE("Round") {
        @Override
        BowLine line(double half, double rise) {
            if (rise > half) {
                return new ArcLine(rise - half, List.of(new ArcLine.Arc(0, 0, half, Math.PI, 0)));
            }
            double radius = (half * half + rise * rise) / (2 * rise);
            double up = Math.PI / 2 - 2 * Math.atan2(rise, half);
            return new ArcLine(0, List.of(new ArcLine.Arc(0, rise - radius, radius, Math.PI - up, up)));
        }
    },
    /** Half an ellipse. */
    ELLIPSE("Half ellipse") {
        @Override
        BowLine line(double half, double rise) {
            return new EllipseLine(half, rise);
        }
    },
    /**
     * Three arcs, the middle one flatter, on straight legs where it is higher than a third of its span: more room at
     * the sides. The outer arcs have three quarters of the rise of all arcs as their radius; a full set of shoulders
     * turns through the angles of the triangle with sides 3, 4 and 5.
     */
    SHOULDERED("With shoulders") {
        @Override
        BowLine line(double half, double rise) {
            double arched = Math.min(rise, 2 * half / 3);
            double outer = 0.75 * arched;
            double aside = half - outer;
            double middle = (aside * aside + arched * arched - outer * outer) / (2 * (arched - outer));
            double turn = Math.PI / 2 - Math.atan2(aside, middle - arched);
            return new ArcLine(
                    rise - arched,
                    List.of(
                            new ArcLine.Arc(-aside, 0, outer, Math.PI, Math.PI - turn),
                            new ArcLine.Arc(0, arched - middle, middle, Math.PI - turn, turn),
                            new ArcLine.Arc(aside, 0, outer, turn, 0)));
        }
    };

    private final String label;

    BowForm(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** @param half of the span, and the rise, more than nothing */
    abstract BowLine line(double half, double rise);
}
