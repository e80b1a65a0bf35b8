package fairacre.goods;

/** What a walk is made of. */
public enum Surfacing {
    WOOD_CHIP("wood chip or bark", false),
    LOOSE_GRAVEL("chippings or gravel", false),
    STABILISED_GRAVEL("stabilised gravel or fines", true),
    PAVERS("pavers or slabs", true),
    BOARDS("boards", true),
    RUBBER("rubber matting", true),
    GRASS("grass", false),
    BARE_SOIL("bare soil", false);

    private final String words;
    private final boolean firm;

    Surfacing(String words, boolean firm) {
        this.words = words;
        this.firm = firm;
    }

    public String words() {
        return words;
    }

    /** Whether it is firm, stable and slip-resistant as 2010 ADA Standards 302.1 ask for wheels and sticks. */
    public boolean firm() {
        return firm;
    }
}
