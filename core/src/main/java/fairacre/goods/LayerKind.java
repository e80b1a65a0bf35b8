package fairacre.goods;

import java.util.Optional;

/**
 * What a layer of a walk is made of, and how much more is ordered than lies there in the end: laps of sheets, cuts of
 * slabs, what compaction takes. All shares are common practice; a compacted base takes 1.2 to 1.3 times its finished
 * volume.
 */
public enum LayerKind {
    /** Spread beneath cardboard, where ground is mulched rather than dug. */
    MANURE("manure", "Rotted manure", BulkGood.MANURE, 0, 1),
    /** Lapped 6 to 8 in: 25 to 30 per cent more than the ground. */
    CARDBOARD("cardboard", "Cardboard, lapped", null, 0, 1.28),
    FABRIC("fabric", "Landscape fabric", null, 0, 1.1),
    BASE("base", "Base, compacted", BulkGood.BASE, 0, 1.25),
    SAND("sand", "Bedding sand", BulkGood.SAND, 0, 1.1),
    FINES("fines", "Fines, compacted", BulkGood.FINES, 0, 1.25),
    STONE("stone", "Chippings", BulkGood.STONE, 0, 1.05),
    CHIP("chip", "Wood chip or bark", BulkGood.CHIP, 0, 1),
    PAVERS("pavers", "Pavers or slabs", null, 50, 1.1),
    DECKING("decking", "Boards", null, 25, 1.1),
    MATTING("matting", "Rubber matting", null, 10, 1.05),
    TURF("turf", "Turf", null, 0, 1.05);

    private static final double METRE = 1000;

    private final String key;
    private final String label;
    private final BulkGood good;
    private final int millimetres;
    private final double ordered;

    LayerKind(String key, String label, BulkGood good, int millimetres, double ordered) {
        this.key = key;
        this.label = label;
        this.good = good;
        this.millimetres = millimetres;
        this.ordered = ordered;
    }

    /** Part of its key in the price book: {@code pavers}. */
    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    /** What is bought by volume; empty for what is bought by area. */
    public Optional<BulkGood> good() {
        return Optional.ofNullable(good);
    }

    /**
     * How thick it lies if it is bought by area, metres; 0 for what hardly has a thickness, and for loose stuff, whose
     * layer says it.
     */
    public double thickness() {
        return millimetres / METRE;
    }

    /** How many times what lies there in the end is ordered, 1 to 1.28. */
    public double ordered() {
        return ordered;
    }
}
