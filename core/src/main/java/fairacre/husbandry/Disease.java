package fairacre.husbandry;

import fairacre.catalogue.Family;

/** Diseases that stay in the soil for years (tables of extension services, from memory). */
public enum Disease {
    CLUBROOT("Clubroot", Family.CABBAGE, 7),
    WHITE_ROT("White rot", Family.ONION, 8);

    private final String label;
    private final Family family;
    private final int years;

    Disease(String label, Family family, int years) {
        this.label = label;
        this.family = family;
        this.years = years;
    }

    public String label() {
        return label;
    }

    /** That it comes for. */
    public Family family() {
        return family;
    }

    /** So many years at least the family keeps away from where it was found. */
    public int years() {
        return years;
    }
}
