package fairacre.husbandry;

import fairacre.judging.Rule;
import fairacre.judging.Step;
import java.util.Optional;

/** Rules about how crops go together. The names are stable codes. */
public enum HusbandryRule implements Rule {
    FAMILY_BACK(
            "A family back too soon",
            "A family that shares pests and diseases of the soil returns to a bed after three years: nightshades,"
                    + " cabbages, onions, carrots; after two: peas and beans, squash, beets. What stands for less than 60"
                    + " days is not counted.",
            "rotation tables of extension services (from memory); 60 days: common practice"),
    DISEASED_SOIL(
            "A disease in the soil",
            "Where clubroot was found no crop of the cabbage family is planted for seven years, where white rot was"
                    + " found none of the onion family for eight.",
            "rotation tables of extension services (from memory)"),
    TOO_FEW_BEDS(
            "Too few beds to rotate",
            "Where a family grows in more beds a year than the wait leaves free, no order of beds helps: grow less of"
                    + " it, or watch for its diseases.",
            "arithmetic"),
    ONIONS_BY_BEANS(
            "Onions beside peas or beans",
            "Onions and their kin don't share a bed with peas and beans.",
            "common practice",
            "Old books say that onions stunt beans; trials found little of it."),
    POTATOES_IN_COMPANY(
            "Potatoes in company",
            "Potatoes have a bed to themselves while they grow: earthing up and digging disturb what stands beside them.",
            "common practice",
            "It spares trouble rather than yield: with care a neighbour at the edge comes through."),
    NO_SUPPORT(
            "A climber without support",
            "What climbs higher than 1 m has a trellis or an arch within 0.5 m of its bed.",
            "common practice",
            "Tomatoes on stakes and cucumbers on the ground do without: then leave the rule aside."),
    WET_LEAVES(
            "Leaves that should stay dry",
            "Sprinklers don't water crops whose leaves catch blight and mildew when they are wet.",
            "common practice"),
    HILLED_ON_LINES(
            "Earthed up over fixed lines",
            "What is earthed up grows where no dripline or hose lies: hoes cut it, and soil buries it.",
            "common practice",
            "Whoever lifts the lines before each earthing up can leave it aside."),
    NET_MISSING(
            "A net is missing",
            "Where a flying pest is named, crops that it comes for stand under a net whose mesh keeps it off, or under"
                    + " fleece.",
            "common practice"),
    SPRAWLS(
            "No room to sprawl",
            "What sprawls leaves walks to other beds as wide at full size as you need them, and doesn't creep into a bed"
                    + " where something else grows.",
            "plane geometry; spreads: from memory",
            "Vines can be turned back into their bed: whoever does so every week can leave the rule aside."),
    SUN_WANTED(
            "Too little sun for a crop",
            "A crop has the hours of direct sun on its leaves that it wants, in the growing months while it stands there.",
            "NREL/TP-560-34302; hours: common practice"),
    TALL_BEFORE_SHORT(
            "Tall before short",
            "No tall crop stands where it takes half an hour of sun a day and more from a lower one that wants it.",
            "NREL/TP-560-34302; half an hour: common practice");

    private final Text text;
    private final Optional<String> evidence;

    HusbandryRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
        this.evidence = Optional.empty();
    }

    HusbandryRule(String cause, String rule, String source, String evidence) {
        this.text = new Text(cause, rule, source);
        this.evidence = Optional.of(evidence);
    }

    @Override
    public Step step() {
        return Step.CROPS;
    }

    @Override
    public Text text() {
        return text;
    }

    /** An honest sentence about a rule that gardeners differ about; empty for one that all follow. */
    public Optional<String> evidence() {
        return evidence;
    }
}
