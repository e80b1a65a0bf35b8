package fairacre.journal;

/** Why something was lost. */
public enum LossCause {
    FROST("Frost or winter"),
    DROUGHT("Drought"),
    WET("Rot in standing water"),
    SLUGS("Slugs and snails"),
    INSECTS("Insects"),
    ANIMALS("Birds and other animals"),
    CLUBROOT("Clubroot"),
    WHITE_ROT("White rot of onions"),
    BLIGHT("Blight"),
    OTHER_DISEASE("Another disease"),
    BOLTED("Bolted or ripe too late"),
    OTHER("Something else");

    private final String label;

    LossCause(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
