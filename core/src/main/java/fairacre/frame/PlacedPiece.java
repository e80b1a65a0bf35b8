package fairacre.frame;

import fairacre.measure.Length;

/**
 * One board of a frame where it sits.
 *
 * @param course counted from the ground, the lowest whole one is 1; part-courses below it are 0, -1 and so on
 * @param startX of its outer face, with {@code startY} and the direction in metres, the bed's middle at the origin and
 *     the bed unturned
 */
public record PlacedPiece(
        Piece.Part part, int course, Length length, double startX, double startY, double alongX, double alongY) {}
