package fairacre.fence;

import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.List;
import java.util.stream.DoubleStream;

/** How the posts of a fence stand in the ground; sizes and stock lengths are common practice. */
public enum PostKind {
    WOOD_IN_CONCRETE(
            "Wood in concrete",
            "Stands firm at once; the foot rots in its socket and is hard to change.",
            Stock.WOOD,
            12),
    WOOD_IN_GRAVEL(
            "Wood in rammed gravel", "Drains and is easily changed; it wants ramming in thin layers.", Stock.WOOD, 15),
    DRIVEN_STEEL(
            "Driven steel",
            "No hole and no concrete, for rocky or rented ground; it bends before wood does.",
            Stock.STEEL,
            25),
    UNTREATED_WOOD(
            "Untreated wood, rammed in",
            "Costs little or nothing, and rots at the ground within about three years.",
            Stock.WOOD,
            3),
    EXISTING(
            "What stands there",
            "Mesh is hung on a wall, or on the posts of a fence that is kept; nothing is dug or bought.",
            Stock.WOOD,
            15),
    CANES("Canes", "Pushed in by hand, for one season.", Stock.CANE, 2);

    /** Stock lengths in feet and in metres, and how thick a post in a row and a strong one are. */
    private enum Stock {
        WOOD(
                new double[] {6, 7, 8, 9, 10, 12, 14, 16},
                new double[] {1.8, 2.1, 2.4, 2.7, 3, 3.6, 4.2, 4.8},
                Length.inches(3.5),
                Length.inches(5.5)),
        STEEL(
                new double[] {5, 6, 7, 8, 10, 12, 15},
                new double[] {1.5, 1.75, 2, 2.5, 3, 3.6, 4.5},
                Length.millimetres(38),
                Length.millimetres(60)),
        CANE(new double[] {6, 8}, new double[] {1.8, 2.4}, Length.millimetres(15), Length.millimetres(15));

        private final double[] feet;
        private final double[] metres;
        private final Length width;
        private final Length strong;

        Stock(double[] feet, double[] metres, Length width, Length strong) {
            this.feet = feet;
            this.metres = metres;
            this.width = width;
            this.strong = strong;
        }
    }

    private final String label;
    private final String remark;
    private final Stock stock;
    private final int years;

    PostKind(String label, String remark, Stock stock, int years) {
        this.label = label;
        this.remark = remark;
        this.stock = stock;
        this.years = years;
    }

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String remark() {
        return remark;
    }

    /** How long they last in the ground (common practice, a middling figure). */
    public int years() {
        return years;
    }

    /** Whether a hole is dug for each. */
    public boolean dug() {
        return this == WOOD_IN_CONCRETE || this == WOOD_IN_GRAVEL || this == UNTREATED_WOOD;
    }

    /** Whether it is put up to last: what is offered for any fence. */
    boolean lasting() {
        return this == WOOD_IN_CONCRETE || this == WOOD_IN_GRAVEL || this == DRIVEN_STEEL;
    }

    /** Lengths as they are sold, shortest first. */
    public List<Length> lengths(Units units) {
        return units == Units.METRIC
                ? DoubleStream.of(stock.metres).mapToObj(Length::metres).toList()
                : DoubleStream.of(stock.feet).mapToObj(Length::feet).toList();
    }

    /** @param strong at a corner, an end or a gate */
    public Length width(boolean strong) {
        return strong ? stock.strong : stock.width;
    }
}
