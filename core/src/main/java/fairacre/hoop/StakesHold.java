package fairacre.hoop;

/**
 * What holds something down that stands on feet.
 *
 * @param wind what it is called
 * @param pull of that wind at a foot, newtons
 * @param each what a stake holds in the softest ground that may be presumed, newtons
 * @param stakes in all
 */
public record StakesHold(String wind, double pull, Stake stake, double each, int stakes) {

    public static StakesHold of(String wind, double pull, Stake stake, int stakes) {
        return new StakesHold(wind, pull, stake, stake.holds(), stakes);
    }
}
