package fairacre.catalogue;

/** Plants that share pests, diseases and what they take from the soil: families of botany. */
public enum Family {
    NIGHTSHADE("Nightshades"),
    CABBAGE("Cabbage family"),
    PEA("Peas and beans"),
    ONION("Onion family"),
    GOURD("Cucumbers and squash"),
    CARROT("Carrot family"),
    BEET("Beets and spinach"),
    DAISY("Lettuce and daisies"),
    GRASS("Grasses and corn"),
    MINT("Mint family"),
    ROSE("Strawberries and brambles"),
    GOOSEBERRY("Currants and gooseberries"),
    HEATH("Blueberries"),
    BUCKWHEAT("Rhubarb and sorrel"),
    ASPARAGUS("Asparagus"),
    BINDWEED("Sweet potatoes"),
    MALLOW("Okra and mallows"),
    VALERIAN("Corn salad"),
    PURSLANE("Purslane"),
    BORAGE("Borage family"),
    NASTURTIUM("Nasturtiums");

    private final String label;

    Family(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
