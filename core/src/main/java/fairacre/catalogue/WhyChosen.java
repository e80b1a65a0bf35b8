package fairacre.catalogue;

/** Why a variety was chosen. */
public enum WhyChosen {
    PROVEN("it did well here"),
    SUITS_THE_SITE("it suits the site"),
    KEEPS_TRUE("its seed can be kept true"),
    WE_LIKE_IT("we like to eat it"),
    ON_TRIAL("we want to try it");

    private final String label;

    WhyChosen(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
