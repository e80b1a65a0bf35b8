package fairacre.tunnel;

import fairacre.hoop.Bow;
import fairacre.hoop.GluedBow;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopSticks;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.over.Fabric;
import fairacre.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** How a tunnel is built, by its measures alone. */
final class TunnelFrame {

    /** Boards along the ground, to which the sheet is clamped below: 2 x 6 (common practice). */
    static final Length SKIRT = Length.inches(5.5);
    /** A door is no higher (common practice): 6 1/2 ft, 2 m. */
    private static final Length USUAL_DOOR = Length.feet(6.5);

    private static final Length USUAL_METRIC_DOOR = Length.metres(2);
    /** Above a door. */
    private static final Length LINTEL = Length.millimetres(40);
    /** Openings wanted, as a share of the floor: the lower end of 15 to 20 % (common practice). */
    static final double AIR = 0.15;
    /** Metres, and shares: exactly enough is enough. */
    static final double HAIR = 1e-6;

    private final WalkInTunnel tunnel;
    private final Units units;
    private final Bow bow;

    TunnelFrame(Units units, WalkInTunnel tunnel) {
        this.units = units;
        this.tunnel = tunnel;
        this.bow = Bow.rising(tunnel.form(), tunnel.place().width(), tunnel.rise());
    }

    Bow bow() {
        return bow;
    }

    /** One at either end, and between them as many as the weather wants. */
    int bows() {
        long apart = tunnel.weather().apart().micrometres();
        return (int) Math.max(1, (length().micrometres() + apart - 1) / apart) + 1;
    }

    Length apart() {
        return new Length(length().micrometres() / (bows() - 1));
    }

    /** Where the bows stand, metres along from the middle. */
    List<Double> stations() {
        double first = -length().metres() / 2;
        return IntStream.range(0, bows())
                .mapToObj(i -> first + length().metres() * i / (bows() - 1))
                .toList();
    }

    /** Of each bow its two feet, on the right and on the left. */
    List<List<Point>> feet() {
        double aside = tunnel.place().width().metres() / 2;
        return stations().stream()
                .map(along ->
                        List.of(tunnel.place().at(along, -aside), tunnel.place().at(along, aside)))
                .toList();
    }

    private Length length() {
        return tunnel.place().length();
    }

    Length doorHeight() {
        Length usual = units == Units.METRIC ? USUAL_METRIC_DOOR : USUAL_DOOR;
        Length jamb = bow.heightAt(
                        tunnel.doorAside().abs().plus(tunnel.doorWidth().half()))
                .minus(LINTEL);
        return Length.max(Length.millimetres(1), Length.min(usual, jamb));
    }

    Area floor() {
        return area(length(), tunnel.place().width());
    }

    /** Of one end, with its door. */
    double endArea() {
        return Polygons.of(bow.places()).getArea();
    }

    /** Of doors that stand open and of both sides rolled up. */
    Area openings() {
        double sides = tunnel.hip()
                .map(hip -> 2 * length().metres() * Math.max(0, hip.minus(SKIRT).metres()))
                .orElse(0.0);
        return Area.squareMetres(
                tunnel.doors() * area(tunnel.doorWidth(), doorHeight()).squareMetres() + sides);
    }

    /** Share of the floor that opens; empty under nets and cloths, through which air comes. */
    Optional<Double> air() {
        return tunnel.cover() == Fabric.FILM
                ? Optional.of(openings().squareMetres() / floor().squareMetres())
                : Optional.empty();
    }

    boolean airless() {
        return air().filter(share -> share < AIR - HAIR).isPresent();
    }

    boolean bentTooTightly() {
        return bow.tightest().compareTo(tunnel.pipe().tightest()) < 0;
    }

    /** Ridge and side ties of pipe, each as long as the tunnel. */
    int lines() {
        return tunnel.weather().ties();
    }

    /** Sticks of pipe for bows and lines, and what couples them; empty for pipe that is sold by length. */
    Optional<HoopSticks> sticks() {
        return tunnel.pipe()
                .stick(units)
                .map(stick -> HoopSticks.of(bows(), bow.length(), stick).and(HoopSticks.of(lines(), length(), stick)));
    }

    /** How a bow is glued up of strips; empty of pipe. */
    Optional<GluedBow> glued(Plan plan) {
        return Optional.of(tunnel.pipe())
                .filter(HoopPipe::glued)
                .map(pipe -> GluedBow.of(plan, pipe, bow, Length.ZERO));
    }

    Length pipe() {
        return bow.length().times(bows()).plus(length().times(lines()));
    }

    private static Area area(Length one, Length other) {
        return Area.squareMetres(one.metres() * other.metres());
    }
}
