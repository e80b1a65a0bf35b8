package fairacre.feeding;

/** What gardeners give where phosphate or potash is wanting. */
public enum Amending {
    ORGANIC(
            "as organic growers do",
            "Bone meal and potash magnesia: slow, feeds for more than a season, dearer.",
            Amendment.BONE_MEAL,
            Amendment.POTASH_MAGNESIA),
    MINERAL(
            "with mineral fertiliser",
            "Superphosphate and sulphate of potash: quick and cheap; what is too much washes out.",
            Amendment.SUPERPHOSPHATE,
            Amendment.SULPHATE_OF_POTASH);

    private final String label;
    private final String about;
    private final Amendment phosphate;
    private final Amendment potash;

    Amending(String label, String about, Amendment phosphate, Amendment potash) {
        this.label = label;
        this.about = about;
        this.phosphate = phosphate;
        this.potash = potash;
    }

    public String label() {
        return label;
    }

    public String about() {
        return about;
    }

    Amendment phosphate() {
        return phosphate;
    }

    Amendment potash() {
        return potash;
    }
}
