package fairacre.fence;

import fairacre.measure.Length;
import java.util.Optional;

/**
 * What comes for vegetables and can be kept out, with what it takes where it is seldom and where it presses hard (all
 * of it common practice). What flies is kept off by a net over the bed and by no fence.
 */
public enum PestKind {
    /** Jumps 8 ft. A fawn slips through 6 in and more. */
    DEER("Deer", Needs.inches(96, 6, 0, 0, 0, false), Needs.inches(96, 6, 0, 0, 0, false)),
    /** The young slip through 2 in. */
    RABBITS("Rabbits", Needs.inches(24, 1, 24, 6, 12, false), Needs.inches(30, 1, 30, 6, 12, false)),
    BURROWERS("Burrowers", Needs.inches(0, 0.5, 0, 12, 0, false), Needs.inches(0, 0.5, 0, 24, 0, false)),
    CHICKENS("Chickens", Needs.inches(48, 2, 48, 0, 0, false), Needs.inches(72, 2, 72, 0, 0, false)),
    DOGS("Dogs", Needs.inches(36, 4, 36, 0, 0, false), Needs.inches(48, 4, 48, 6, 12, false)),
    GOATS("Goats", Needs.inches(48, 6, 48, 0, 0, true), Needs.inches(48, 6, 48, 0, 0, true)),
    BIRDS("Birds", Length.millimetres(5)),
    CABBAGE_WHITE("Cabbage white", Length.millimetres(7)),
    ROOT_FLIES("Carrot and cabbage fly", Length.millimetres(1.3)),
    FLEA_BEETLE("Flea beetle", Length.millimetres(0.8)),
    /** Of the gardener's own, who says what it takes. */
    OWN("Something else", Needs.inches(36, 2, 36, 0, 0, false), Needs.inches(36, 2, 36, 0, 0, false));

    /** So high a fence is enough for deer that see no clear place to land behind it, where they seldom come. */
    static final Length WITHOUT_LANDING = Length.feet(6);

    private final String label;
    private final Optional<Needs> seldom;
    private final Optional<Needs> often;
    private final Optional<Length> net;

    PestKind(String label, Needs seldom, Needs often) {
        this.label = label;
        this.seldom = Optional.of(seldom);
        this.often = Optional.of(often);
        this.net = Optional.empty();
    }

    PestKind(String label, Length net) {
        this.label = label;
        this.seldom = Optional.empty();
        this.often = Optional.empty();
        this.net = Optional.of(net);
    }

    public String label() {
        return label;
    }

    /** What a fence has to be; empty for what flies over it. */
    public Optional<Needs> needs(Pest.Pressing pressing) {
        return pressing == Pest.Pressing.HIGH ? often : seldom;
    }

    /** The widest mesh of a net over the bed that keeps it off; empty for what comes on foot. */
    public Optional<Length> net() {
        return net;
    }
}
