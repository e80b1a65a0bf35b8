package fairacre.hoop;

import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;

/**
 * Half an ellipse. Its length is by Ramanujan's second formula (1914), which is too short by at most 0.041 per cent:
 * that of an ellipse without height. Where the shorter half axis is a fifth of the longer one, it is a millionth.
 */
record EllipseLine(double half, double rise) implements BowLine {

    @Override
    public double length() {
        double apart = (half - rise) / (half + rise);
        double h = apart * apart;
        return Math.PI / 2 * (half + rise) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
    }

    @Override
    public double tightest() {
        double least = Math.min(half, rise);
        return least * least / Math.max(half, rise);
    }

    @Override
    public double turn() {
        return Math.PI;
    }

    @Override
    public double heightAt(double x) {
        return rise * Math.sqrt(Math.max(0, 1 - x * x / (half * half)));
    }

    @Override
    public double legs() {
        return 0;
    }

    @Override
    public List<Coordinate> places(int onEach) {
        return IntStream.range(0, onEach)
                .mapToDouble(i -> Math.PI * (1 - (double) i / (onEach - 1)))
                .mapToObj(angle -> new Coordinate(half * Math.cos(angle), rise * Math.sin(angle)))
                .toList();
    }
}
