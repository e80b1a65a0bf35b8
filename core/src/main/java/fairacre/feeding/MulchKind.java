package fairacre.feeding;

import fairacre.bill.PriceItem;
import fairacre.goods.BulkGood;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.Optional;

/** What lies on the soil between plants, to keep weeds down and water in. */
public enum MulchKind {
    STRAW(
            "Straw",
            "Light and clean, so fruit stays dry; slugs hide in it, and weed seed can come with it.",
            Optional.of(new PriceItem("mulch/straw-bale", "Straw, a small bale")),
            Optional.empty()),
    WOOD_CHIP(
            "Wood chip or bark",
            "For berries, shrubs and what stays for years; dug in, it takes nitrogen from the soil.",
            Optional.empty(),
            Optional.of(BulkGood.CHIP)),
    LEAVES(
            "Leaves of your own",
            "They cost nothing and become leaf mould; shred them, or wind carries them off.",
            Optional.empty(),
            Optional.empty()),
    GRASS(
            "Grass clippings of your own",
            "They feed as they rot; let them wilt, and lay them thin, or they turn to slime.",
            Optional.empty(),
            Optional.empty());

    /** Litres of loose straw in a small bale of two strings: it covers 9 m2 two inches deep (common practice). */
    static final double BALE = 450;

    private final String label;
    private final String about;
    private final Optional<PriceItem> bale;
    private final Optional<BulkGood> good;

    MulchKind(String label, String about, Optional<PriceItem> bale, Optional<BulkGood> good) {
        this.label = label;
        this.about = about;
        this.bale = bale;
        this.good = good;
    }

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String about() {
        return about;
    }

    /** In what it is bought, if in bales. */
    Optional<PriceItem> bale() {
        return bale;
    }

    /** How thick it usually lies; grass thinner, so that it dries (common practice). */
    public Length usual(Units units) {
        double inches = this == GRASS ? 1 : 2;
        return units == Units.METRIC ? Length.millimetres(25 * inches) : Length.inches(inches);
    }

    /** As what it is bought, if loose or in bags. */
    Optional<BulkGood> good() {
        return good;
    }
}
