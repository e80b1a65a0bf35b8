package fairacre.trellis;

import fairacre.measure.Length;
import fairacre.measure.Units;

/** What plants climb on; spacings and lives are common practice, in feet and in metres. */
public enum TrellisKind {
    NETTING(
            "Net between posts",
            "Cheap and quick for peas, beans and cucumbers; old vines have to be cut out of it.",
            3,
            6,
            1.8),
    WIRES(
            "Wires between posts",
            "For berries and tied tomatoes; lasts longest, and its wires want tightening.",
            20,
            8,
            2.4),
    PANEL(
            "Stiff panels on posts",
            "Bears squash and melons and is wiped clean; long panels are hard to bring home.",
            15,
            8,
            2.4),
    STAKES(
            "Stakes cut from a stiff panel",
            "A strip of panel at each plant, pushed in and stacked flat in winter; cutting it takes bolt cutters.",
            15,
            2,
            0.6),
    A_FRAME(
            "A-frame of stiff panels",
            "Two panels lean together over the bed: no holes, fruit hangs inside, and lettuce grows in its shade.",
            15,
            8,
            2.4),
    TEEPEE(
            "Teepees of canes",
            "Canes tied at the top, up in minutes; a gust takes one that is not pushed in deep.",
            2,
            3,
            0.9);

    private final String label;
    private final String remark;
    private final int years;
    private final double feet;
    private final double metres;

    TrellisKind(String label, String remark, int years, double feet, double metres) {
        this.label = label;
        this.remark = remark;
        this.years = years;
        this.feet = feet;
        this.metres = metres;
    }

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String remark() {
        return remark;
    }

    /** How long what is hung on it lasts. */
    public int years() {
        return years;
    }

    /** How far apart posts, stakes or feet stand at most. */
    public Length usual(Units units) {
        return units == Units.METRIC ? Length.metres(metres) : Length.feet(feet);
    }

    /** Whether posts in the ground hold it. */
    public boolean onPosts() {
        return this == NETTING || this == WIRES || this == PANEL;
    }

    /** Whether it is wider at the ground than at its top. */
    public boolean leans() {
        return this == A_FRAME || this == TEEPEE;
    }
}
