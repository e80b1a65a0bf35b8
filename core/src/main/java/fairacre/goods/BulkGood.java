package fairacre.goods;

/**
 * Loose stuff that is bought in bags or tipped by a lorry, with what a cubic metre of it weighs as it lies loose, from
 * dry to wet.
 *
 * <p>What it settles by in the first year is common practice: mixes with mineral soil 5 to 10 per cent, all that rots
 * 15 to 25, wood a third to a half over three to five years, stone nothing.
 *
 * <p>Weights: engineering tables of bulk densities, from memory; those of peat, vermiculite, leaf mould and wood are
 * the widest, since they hold most water.
 */
public enum BulkGood {
    GARDEN_MIX("soil", "Garden mix", 1200, 1600, 5, 10),
    TOPSOIL("topsoil", "Topsoil", 1100, 1600, 5, 10),
    COMPOST("compost", "Compost", 500, 700, 15, 25),
    PEAT_OR_COIR("coir", "Coir or peat", 100, 400, 15, 25),
    VERMICULITE("vermiculite", "Vermiculite or perlite", 80, 300, 5, 10),
    LEAF_MOULD("leaf-mould", "Leaf mould", 300, 600, 15, 25),
    MANURE("manure", "Rotted manure", 700, 900, 15, 25),
    WOOD("wood", "Logs, brush and leaves", 200, 500, 33, 50),
    CHIP("chip", "Wood chip or bark", 250, 400, 15, 25),
    BASE("base", "Crushed base", 1700, 1900, 0, 0),
    FINES("fines", "Stone fines", 1600, 1900, 0, 0),
    SAND("sand", "Bedding sand", 1400, 1600, 0, 0),
    STONE("stone", "Chippings, 3/4 in (20 mm)", 1500, 1700, 0, 0);

    private final String key;
    private final String label;
    private final int leastDensity;
    private final int mostDensity;
    private final int leastSettling;
    private final int mostSettling;

    BulkGood(String key, String label, int leastDensity, int mostDensity, int leastSettling, int mostSettling) {
        this.key = key;
        this.label = label;
        this.leastDensity = leastDensity;
        this.mostDensity = mostDensity;
        this.leastSettling = leastSettling;
        this.mostSettling = mostSettling;
    }

    /** Begins the keys of its packs in the price book: {@code compost}. */
    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    /** Kilograms to the loose cubic metre, dry. */
    public int leastDensity() {
        return leastDensity;
    }

    /** Kilograms to the loose cubic metre, wet. */
    public int mostDensity() {
        return mostDensity;
    }

    /** The share of its volume that is gone after the first year (of wood, after some years), 0 to 1. */
    public double leastSettling() {
        return leastSettling / 100.0;
    }

    /** At most; otherwise as {@link #leastSettling}. */
    public double mostSettling() {
        return mostSettling / 100.0;
    }
}
