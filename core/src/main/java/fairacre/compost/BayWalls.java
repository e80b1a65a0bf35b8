package fairacre.compost;

import fairacre.measure.Length;

/** What compost bays are walled with; sizes and lives are common practice. */
public enum BayWalls {
    BOARDS(
            "Boards",
            "Tidy, and the slats in front lift out; untreated, since what preserves wood would get into the compost.",
            Length.inches(1),
            5),
    PALLETS(
            "Pallets",
            "Cheap or free, tied at the corners; take those stamped HT, never MB or stained ones.",
            Length.millimetres(140),
            4),
    MESH(
            "Wire mesh on stakes",
            "Airy and light, for leaves and bulk; it dries out faster, and rats dig under it.",
            Length.millimetres(5),
            10);

    private final String label;
    private final String remark;
    private final Length thickness;
    private final int years;

    BayWalls(String label, String remark, Length thickness, int years) {
        this.label = label;
        this.remark = remark;
        this.thickness = thickness;
        this.years = years;
    }

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String remark() {
        return remark;
    }

    /** Of each wall. */
    public Length thickness() {
        return thickness;
    }

    /** How long they last. */
    public int years() {
        return years;
    }
}
