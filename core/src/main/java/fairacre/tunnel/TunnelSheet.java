package fairacre.tunnel;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * How the sheet of a tunnel is cut from one roll so that the least is bought: a piece over the bows, and two for the
 * ends. The ends come out of the strip that is cut off along the top piece where both have room in it; else they are
 * cut across the roll, upright or lying. All rolls on sale are tried.
 *
 * @param roll its width
 * @param bought length of the roll that is cut off
 * @param width of the piece over the bows
 * @param length of the piece over the bows
 * @param fromStrip whether the ends come out of what is cut off along the top piece
 */
public record TunnelSheet(Length roll, Length bought, Length width, Length length, boolean fromStrip) {

    /** Wrapped round laths and rolled up at each edge (common practice): 12 in. */
    private static final Length EDGE = Length.inches(12);

    /** Widths on sale (common practice). */
    private static final double[] FEET = {10, 12, 14, 16, 20, 24, 28, 32, 36, 40, 48};

    private static final double[] METRES = {3, 4, 5, 6, 7, 8, 9, 10, 12, 14.5};

    /** The widest roll covers the widest tunnel of the highest bows. */
    static TunnelSheet of(Units units, WalkInTunnel tunnel) {
        Length over = new TunnelFrame(units, tunnel).bow().length().plus(EDGE.times(2));
        Length along = tunnel.place().length().plus(EDGE.times(2));
        Length wide = tunnel.place().width().plus(EDGE.times(2));
        Length high = tunnel.rise().plus(EDGE.times(2));
        return rolls(units)
                .filter(roll -> roll.compareTo(over) >= 0)
                .flatMap(roll -> cut(roll, over, along, wide, high).stream())
                .min(Comparator.comparingDouble(
                                (TunnelSheet sheet) -> sheet.area().squareMetres())
                        .thenComparing(TunnelSheet::roll))
                .orElseThrow();
    }

    private static Stream<Length> rolls(Units units) {
        return units == Units.METRIC
                ? DoubleStream.of(METRES).mapToObj(Length::metres)
                : DoubleStream.of(FEET).mapToObj(Length::feet);
    }

    private static Optional<TunnelSheet> cut(Length roll, Length over, Length along, Length wide, Length high) {
        Length strip = roll.minus(over);
        if (isLaid(along, strip, wide, high) || isLaid(along, strip, high, wide)) {
            return Optional.of(new TunnelSheet(roll, along, over, along, true));
        }
        return Stream.of(List.of(wide, high), List.of(high, wide))
                .filter(end -> end.get(0).compareTo(roll) <= 0)
                .map(end -> end.get(0).times(2).compareTo(roll) <= 0
                        ? end.get(1)
                        : end.get(1).times(2))
                .min(Comparator.naturalOrder())
                .map(more -> new TunnelSheet(roll, along.plus(more), over, along, false));
    }

    /** Whether two ends lie one after the other in a strip. */
    private static boolean isLaid(Length along, Length strip, Length alongEnd, Length acrossEnd) {
        return acrossEnd.compareTo(strip) <= 0 && alongEnd.times(2).compareTo(along) <= 0;
    }

    /** All that is bought. */
    public Area area() {
        return Area.squareMetres(roll.metres() * bought.metres());
    }
}
