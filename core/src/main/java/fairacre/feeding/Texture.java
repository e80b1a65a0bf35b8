package fairacre.feeding;

/** What the soil is made of; it says how much lime or sulphur it takes. */
public enum Texture {
    SAND("sand"),
    LOAM("loam"),
    CLAY("clay"),
    PEATY("peaty, or a mix of much compost");

    private final String label;

    Texture(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
