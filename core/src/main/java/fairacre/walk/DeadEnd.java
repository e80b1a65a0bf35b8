package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;

/**
 * A walk that leads nowhere and in which a carrier can't turn round.
 *
 * @param place the middle of it
 * @param back how far the carrier has to be backed out, measured straight
 */
public record DeadEnd(Point place, Length back) {}
