package fairacre.plan;

import fairacre.measure.Length;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * A board as it is sold: the name on the rack, its actual thickness and width when dry and dressed, and the lengths in stock.
 *
 * <p>Inch sizes: American Softwood Lumber Standard PS 20, table of dressed sizes (dry). The fence board and the metric sawn
 * sizes are common practice. Stock lengths are common practice. Square ones serve as posts and stakes too.
 */
public enum Board {
    B1X6("1x6", inches(0.75), inches(5.5), Stock.FEET),
    B1X8("1x8", inches(0.75), inches(7.25), Stock.FEET),
    B5_4X6("5/4x6", inches(1), inches(5.5), Stock.FEET),
    B2X6("2x6", inches(1.5), inches(5.5), Stock.FEET),
    B2X8("2x8", inches(1.5), inches(7.25), Stock.FEET),
    B2X10("2x10", inches(1.5), inches(9.25), Stock.FEET),
    B2X12("2x12", inches(1.5), inches(11.25), Stock.FEET),
    B2X2("2x2", inches(1.5), inches(1.5), List.of(Length.feet(8))),
    B4X4("4x4", inches(3.5), inches(3.5), Stock.FEET),
    B4X6("4x6", inches(3.5), inches(5.5), Stock.FEET),
    FENCE_5_8X6("fence 5/8x6", inches(0.625), inches(5.5), List.of(Length.feet(6))),
    M22X150("22x150 mm", Length.millimetres(22), Length.millimetres(150), Stock.METRIC),
    M38X150("38x150 mm", Length.millimetres(38), Length.millimetres(150), Stock.METRIC),
    M47X200("47x200 mm", Length.millimetres(47), Length.millimetres(200), Stock.METRIC),
    M50X50("50x50 mm", Length.millimetres(50), Length.millimetres(50), List.of(Length.metres(2.4))),
    M100X100("100x100 mm", Length.millimetres(100), Length.millimetres(100), List.of(Length.metres(2.4))),
    SLEEPER_50X200("sleeper 50x200 mm", Length.millimetres(50), Length.millimetres(200), List.of(Length.metres(2.4))),
    SLEEPER_100X200("sleeper 100x200 mm", Length.millimetres(100), Length.millimetres(200), List.of(Length.metres(2.4)));

    private static final Length THIN = Length.millimetres(32);
    /** A 2 x 10 and wider. */
    private static final Length WIDE = Length.inches(9.25);

    private final String key;
    private final Length thickness;
    private final Length width;
    private final List<Length> stock;

    Board(String key, Length thickness, Length width, List<Length> stock) {
        this.key = key;
        this.thickness = thickness;
        this.width = width;
        this.stock = stock;
    }

    /** The name on the rack: {@code 2x10}. */
    public String key() {
        return key;
    }

    /** Actual, not nominal. */
    public Length thickness() {
        return thickness;
    }

    /** Actual, not nominal: the height of one course, since boards stand on edge. */
    public Length width() {
        return width;
    }

    /** Stock lengths, shortest first. */
    public List<Length> stock() {
        return stock;
    }

    /** Sold in millimetres and metres. */
    public boolean metric() {
        return key.endsWith("mm");
    }

    /** Square: for posts, stakes, and courses of posts. */
    public boolean square() {
        return thickness.equals(width);
    }

    /** Whether frames are built of it; the slim square ones are for posts and stakes. */
    public boolean forCourses() {
        return this != B2X2 && this != M50X50;
    }

    /** Too thin for a screw into the end of it. */
    public boolean thin() {
        return thickness.compareTo(THIN) < 0;
    }

    /** Wide enough for a fourth screw in its end. */
    public boolean wide() {
        return width.compareTo(WIDE) >= 0;
    }

    /** What holds it: screws by its thickness, coach screws in sleepers, pins through courses of posts (common practice). */
    public Fastener fastener() {
        return switch (this) {
            case B4X4, B4X6, M100X100 -> Fastener.PIN;
            case SLEEPER_50X200, SLEEPER_100X200 -> Fastener.COACH_SCREW;
            default -> thin() ? Fastener.SHORT_SCREW : Fastener.LONG_SCREW;
        };
    }

    public Length longest() {
        return stock.get(stock.size() - 1);
    }

    /** @throws RefusedException if there is no such board */
    public static Board of(String key) {
        return Arrays.stream(values()).filter(b -> b.key.equals(key)).findFirst().orElseThrow(() ->
                new RefusedException("", "there is no board \"" + key + "\"",
                        "give one of " + Arrays.stream(values()).map(Board::key).toList()));
    }

    private static Length inches(double inches) {
        return Length.inches(inches);
    }

    private static final class Stock {
        static final List<Length> FEET = DoubleStream.of(6, 8, 10, 12, 16).mapToObj(Length::feet).toList();
        static final List<Length> METRIC = DoubleStream.of(2.4, 3.0, 3.6, 4.2, 4.8).mapToObj(Length::metres).toList();
    }
}
