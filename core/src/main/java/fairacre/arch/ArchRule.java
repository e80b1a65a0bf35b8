package fairacre.arch;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about arches. The names are stable codes. */
public enum ArchRule implements Rule {
    ARCH_TOO_SHORT(
            "Panel too short for its arch", "The panel of an arch is longer than its feet are apart.", "geometry"),
    ARCH_OFF_SOIL(
            "Foot of an arch outside the beds", "Both feet of an arch stand in the soil of beds.", "common practice"),
    ARCH_TOO_LOW(
            "Arch without headroom",
            "An arch over a walk leaves 6 1/2 ft, or as much as the tallest gardener stands.",
            "common practice"),
    ARCH_BLOCKED("Arch through something solid", "Nothing solid stands where the panel of an arch is.", "geometry");

    private final Text text;

    ArchRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.SUN;
    }

    @Override
    public Text text() {
        return text;
    }
}
