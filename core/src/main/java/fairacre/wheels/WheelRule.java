package fairacre.wheels;

import fairacre.judging.Rule;
import fairacre.judging.Step;
import java.util.EnumSet;
import java.util.Set;

/** Rules about the ground that wheels cross. The names are stable codes. */
public enum WheelRule implements Rule {
    BARE_GROUND(
            "Bare ground under wheels",
            "Wheels run on a walk or a slab: bare ground gives way when it is wet.",
            "2010 ADA Standards 302.1 for a wheelchair; common practice for a barrow"),
    WALK_STEP(
            "Step in the way of wheels",
            "Wheels roll over a change of level of 1/2 in at most; a higher one needs a ramp no steeper than 1 in 12.",
            "2010 ADA Standards 303.3, 405.2"),
    WALK_TOO_STEEP(
            "Walk too steep for wheels",
            "A walk for a wheelchair rises no steeper than 1 in 20 and lies across no steeper than 1 in 48.",
            "2010 ADA Standards 403.3"),
    GROUND_TOO_STEEP(
            "Ground too steep for wheels",
            "Ground that wheels have to cross is no steeper than a walk for them: 1 in 20 for a wheelchair, 1 in 12 for a barrow.",
            "2010 ADA Standards 403.3, 405.2");

    private static final Set<WheelRule> SLOW = EnumSet.of(BARE_GROUND, WALK_STEP, GROUND_TOO_STEEP);
    private static final Set<WheelRule> TOLD_TOGETHER = EnumSet.of(BARE_GROUND, GROUND_TOO_STEEP);

    private final Text text;

    WheelRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.REACH;
    }

    @Override
    public Text text() {
        return text;
    }

    @Override
    public boolean slow() {
        return SLOW.contains(this);
    }

    @Override
    public boolean toldTogether() {
        return TOLD_TOGETHER.contains(this);
    }
}
