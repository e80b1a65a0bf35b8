package fairacre.frame;

import fairacre.measure.Length;

/** So many boards of one stock length. */
public record BoardsOfLength(Length stock, int count) {}
