package fairacre.hoop;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/** The middle line of a bow, metres: the feet at height 0, the same left and right of 0. */
interface BowLine {

    double length();

    /** The least radius of its curve. */
    double tightest();

    /** Through how much of an angle it turns from foot to foot, radians. */
    double turn();

    /** How high it is at a place between its feet, from the middle of its span. */
    double heightAt(double x);

    /** How high its straight legs are. */
    double legs();

    /** From the left foot to the right one, with so many places on each of its curves. */
    List<Coordinate> places(int onEach);
}
