package fairacre.arch;

import fairacre.fence.Gust;
import fairacre.hoop.Bow;
import fairacre.hoop.Stake;
import fairacre.hoop.StakesHold;
import fairacre.hoop.WindLift;
import fairacre.measure.Length;

/**
 * What a gale does to an arch in full leaf. It pushes at the arch as at a flat screen of its height and width and tips
 * it over the foot to leeward; it lifts it as an arched roof; the panel's own weight holds against both.
 */
final class ArchWind {

    private static final Gust GUST = Gust.GALE;
    /** A stake is a steel bar of 5/8 in, driven 2 ft deep (common practice). */
    private static final Stake STAKE = new Stake(Length.inches(0.625), Length.feet(2));
    /** Each of its two feet is held by a stake at each end at least (common practice). */
    static final int FEWEST_STAKES = 4;

    private ArchWind() {}

    static StakesHold hold(Arch arch, Bow bow) {
        double width = arch.width().metres();
        double rise = bow.rise().metres();
        double span = bow.span().metres();
        double tipping = GUST.onLeaves() * width * rise * rise / 2 / span;
        double lift = WindLift.on(GUST, Gust.LEAVES, bow.span(), bow.rise()) * width / 2;
        double weight = ArchStudy.kilograms(arch) * WindLift.GRAVITY / 2;
        double pull = Math.max(0, tipping + lift - weight);
        return StakesHold.of(GUST.called(), pull, STAKE, Math.max(FEWEST_STAKES, 2 * STAKE.against(pull)));
    }
}
