package fairacre.hoop;

/** How the feet of bows are held. They stand against the boards on the inside, so that no walk is narrower for them. */
public enum HoopAnchor {
    /** Pushed into the soil, 12 to 18 in (common practice). */
    IN_SOIL("Pushed into the soil"),
    /** In pieces of wider pipe that are strapped to the boards, in the corners and along the sides. */
    IN_SLEEVES("In sleeves on the boards");

    private final String label;

    HoopAnchor(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
