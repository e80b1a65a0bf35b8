package fairacre.plan;

/**
 * Loose stuff that is bought in bags or tipped by a lorry, with what a cubic metre of it weighs as it lies loose, from dry to wet.
 *
 * <p>Weights: engineering tables of bulk densities, from memory; those of peat, vermiculite, leaf mould and wood are the widest,
 * since they hold most water.
 */
public enum BulkGood {
    GARDEN_MIX("soil", "Garden mix", 1200, 1600),
    TOPSOIL("topsoil", "Topsoil", 1100, 1600),
    COMPOST("compost", "Compost", 500, 700),
    PEAT_OR_COIR("coir", "Coir or peat", 100, 400),
    VERMICULITE("vermiculite", "Vermiculite or perlite", 80, 300),
    LEAF_MOULD("leaf-mould", "Leaf mould", 300, 600),
    MANURE("manure", "Rotted manure", 700, 900),
    WOOD("wood", "Logs, brush and leaves", 200, 500),
    CHIP("chip", "Wood chip or bark", 250, 400),
    BASE("base", "Crushed base", 1700, 1900),
    FINES("fines", "Stone fines", 1600, 1900),
    SAND("sand", "Bedding sand", 1400, 1600),
    STONE("stone", "Chippings, 3/4 in (20 mm)", 1500, 1700);

    private final String key;
    private final String label;
    private final int leastDensity;
    private final int mostDensity;

    BulkGood(String key, String label, int leastDensity, int mostDensity) {
        this.key = key;
        this.label = label;
        this.leastDensity = leastDensity;
        this.mostDensity = mostDensity;
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
}
