package fairacre.crop;

/** How the plants of a planting stand to each other. */
public enum Layout {
    ROWS_ALONG(
            "rows along the bed",
            "Easy to hoe, to water by a line and to net; the paths between rows are wasted soil."),
    ROWS_ACROSS("rows across the bed", "Short rows of a few plants each: sown week by week, picked from the walk."),
    SQUARE("square grid", "So many to a square foot: simple to count and to plant by a grid of strings."),
    STAGGERED(
            "staggered rows",
            "Every plant as far from the next: most plants on the soil, and leaves close over the weeds."),
    SINGLE("a single plant", "In the middle of the part."),
    ALONG_TRELLIS(
            "along a trellis",
            "A row at the foot of what they climb, on each side that has soil: picked standing, and the rest of the bed stays free.");

    private final String label;
    private final String about;

    Layout(String label, String about) {
        this.label = label;
        this.about = about;
    }

    public String label() {
        return label;
    }

    /** One sentence for whoever chooses. */
    public String about() {
        return about;
    }
}
