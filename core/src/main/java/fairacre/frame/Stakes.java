package fairacre.frame;

import fairacre.build.Board;
import fairacre.measure.Length;

/**
 * Stakes along one side of a frame.
 *
 * @param length of each, from its tip to the rim
 * @param depth of each in the ground
 */
public record Stakes(Board board, int count, Length length, Length depth) {}
