package fairacre.build;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * A board as it is sold: the name on the rack, its actual thickness and width when dry and dressed, and the lengths in
 * stock.
 *
 * <p>Inch sizes: American Softwood Lumber Standard PS 20, table of dressed sizes (dry). The fence board and the metric
 * sawn sizes are common practice. Stock lengths are common practice. Square ones serve as posts and stakes too.
 */
public final class Board extends Kind<Board> {

    private static final List<Length> FEET =
            DoubleStream.of(6, 8, 10, 12, 16).mapToObj(Length::feet).toList();
    private static final List<Length> METRIC =
            DoubleStream.of(2.4, 3.0, 3.6, 4.2, 4.8).mapToObj(Length::metres).toList();

    public static final Board B1X6 = new Board("1x6", inches(0.75), inches(5.5), FEET);
    public static final Board B1X8 = new Board("1x8", inches(0.75), inches(7.25), FEET);
    public static final Board B5_4X6 = new Board("5/4x6", inches(1), inches(5.5), FEET);
    public static final Board B2X6 = new Board("2x6", inches(1.5), inches(5.5), FEET);
    public static final Board B2X8 = new Board("2x8", inches(1.5), inches(7.25), FEET);
    public static final Board B2X10 = new Board("2x10", inches(1.5), inches(9.25), FEET);
    public static final Board B2X12 = new Board("2x12", inches(1.5), inches(11.25), FEET);
    public static final Board B2X4 = new Board("2x4", inches(1.5), inches(3.5), FEET);
    public static final Board B2X2 = new Board("2x2", inches(1.5), inches(1.5), List.of(Length.feet(8)));
    public static final Board B4X4 = new Board("4x4", inches(3.5), inches(3.5), FEET);
    public static final Board B4X6 = new Board("4x6", inches(3.5), inches(5.5), FEET);
    public static final Board FENCE_5_8X6 =
            new Board("fence 5/8x6", inches(0.625), inches(5.5), List.of(Length.feet(6)));
    public static final Board M22X150 = new Board("22x150 mm", Length.millimetres(22), Length.millimetres(150), METRIC);
    public static final Board M38X150 = new Board("38x150 mm", Length.millimetres(38), Length.millimetres(150), METRIC);
    public static final Board M47X200 = new Board("47x200 mm", Length.millimetres(47), Length.millimetres(200), METRIC);
    public static final Board M47X100 = new Board("47x100 mm", Length.millimetres(47), Length.millimetres(100), METRIC);
    public static final Board M50X50 =
            new Board("50x50 mm", Length.millimetres(50), Length.millimetres(50), List.of(Length.metres(2.4)));
    public static final Board M100X100 =
            new Board("100x100 mm", Length.millimetres(100), Length.millimetres(100), List.of(Length.metres(2.4)));
    public static final Board SLEEPER_50X200 = new Board(
            "sleeper 50x200 mm", Length.millimetres(50), Length.millimetres(200), List.of(Length.metres(2.4)));
    public static final Board SLEEPER_100X200 = new Board(
            "sleeper 100x200 mm", Length.millimetres(100), Length.millimetres(200), List.of(Length.metres(2.4)));

    private static final List<Board> ALL = List.of(
            B1X6,
            B1X8,
            B5_4X6,
            B2X6,
            B2X8,
            B2X10,
            B2X12,
            B2X4,
            B2X2,
            B4X4,
            B4X6,
            FENCE_5_8X6,
            M22X150,
            M38X150,
            M47X200,
            M47X100,
            M50X50,
            M100X100,
            SLEEPER_50X200,
            SLEEPER_100X200);

    private static final Length SLEEPER_WIDTH = Length.millimetres(195);
    private static final Length SLEEPER_THICKNESS = Length.millimetres(49);
    /** Slimmer square ones are for posts and stakes, stouter ones are laid in courses. */
    private static final Length POST = Length.millimetres(75);

    private static final Length THINNEST = Length.millimetres(10);
    private static final Length THICKEST = Length.millimetres(300);
    private static final Length WIDEST = Length.millimetres(600);
    private static final Length SHORTEST = Length.millimetres(300);
    private static final Length LONGEST = Length.metres(12);
    private static final int MOST_LENGTHS = 8;
    private static final Length THIN = Length.millimetres(32);
    /** A 2 x 10 and wider. */
    private static final Length WIDE = Length.inches(9.25);

    private final Length thickness;
    private final Length width;
    private final List<Length> stock;

    private Board(String key, Length thickness, Length width, List<Length> stock) {
        this(key, key, thickness, width, stock);
    }

    private Board(String key, String label, Length thickness, Length width, List<Length> stock) {
        super(key, label);
        this.thickness = thickness;
        this.width = width;
        this.stock = stock;
    }

    /**
     * A size of the gardener's own.
     *
     * @param name as on the rack
     * @param thickness actual, 10 to 300 mm
     * @param width actual, not less than the thickness, up to 600 mm; less than 75 mm is for posts and stakes alone
     * @param stock lengths in which it is sold, 0.3 to 12 m, at most eight
     * @throws RefusedException at the field that is out of range
     */
    public static Board own(String name, Length thickness, Length width, List<Length> stock) {
        String label = Limits.name(name, "name");
        Limits.between(thickness, THINNEST, THICKEST, "thickness");
        Limits.between(width, thickness, WIDEST, "width");
        Limits.atMost(MOST_LENGTHS, stock, "stock");
        if (stock.isEmpty()) {
            throw new RefusedException("stock", "no length is given", "give at least one length in which it is sold");
        }
        stock.forEach(length -> Limits.between(length, SHORTEST, LONGEST, "stock"));
        List<Length> lengths = stock.stream().distinct().sorted().toList();
        return new Board(
                OwnKey.of(label, OwnKey.field(List.of(thickness, width)), OwnKey.field(lengths)),
                label,
                thickness,
                width,
                lengths);
    }

    @Override
    protected List<Board> known() {
        return ALL;
    }

    /** Those that every garden knows. */
    public static List<Board> values() {
        return ALL;
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
        return own() ? !wholeFeet(stock.get(0)) : key().endsWith("mm");
    }

    /** Square: for posts, stakes, and courses of posts. */
    public boolean square() {
        return thickness.equals(width);
    }

    /** Whether frames are built of it; the slim square ones are for posts and stakes. */
    public boolean forCourses() {
        return width.compareTo(POST) >= 0;
    }

    /** Too thin for a screw into the end of it. */
    public boolean thin() {
        return thickness.compareTo(THIN) < 0;
    }

    /** Wide enough for a fourth screw in its end. */
    public boolean wide() {
        return width.compareTo(WIDE) >= 0;
    }

    /**
     * What holds it: screws by its thickness, coach screws in sleepers, pins through courses of posts (common
     * practice).
     */
    public Fastener fastener() {
        if (thin()) {
            return Fastener.SHORT_SCREW;
        }
        if (width.compareTo(SLEEPER_WIDTH) >= 0 && thickness.compareTo(SLEEPER_THICKNESS) >= 0) {
            return Fastener.COACH_SCREW;
        }
        return thickness.compareTo(POST) >= 0 ? Fastener.PIN : Fastener.LONG_SCREW;
    }

    /** The square one for slim posts, stakes and cleats of a frame of these. */
    public Board slimPost() {
        return metric() ? M50X50 : B2X2;
    }

    /** The square one for stout posts and legs. */
    public Board stoutPost() {
        return metric() ? M100X100 : B4X4;
    }

    public Length longest() {
        return stock.get(stock.size() - 1);
    }

    /** @throws RefusedException if there is no such board */
    public static Board of(String key) {
        if (OwnKey.is(key)) {
            OwnKey own = OwnKey.read(key);
            String name = own.text();
            List<Length> section = own.lengths();
            return own(name, section.get(0), section.get(section.size() - 1), own.lengths());
        }
        return ALL.stream()
                .filter(b -> b.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "",
                        "there is no board \"" + key + "\"",
                        "give one of " + ALL.stream().map(Board::key).toList()));
    }

    public static boolean wholeFeet(Length length) {
        return length.micrometres() % Length.feet(1).micrometres() == 0;
    }

    private static Length inches(double inches) {
        return Length.inches(inches);
    }
}
