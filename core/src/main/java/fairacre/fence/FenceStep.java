package fairacre.fence;

/**
 * One step of putting a fence up.
 *
 * @param day on which it can be done at the earliest, counted from the day on which the posts are set
 */
public record FenceStep(int day, String words) {}
