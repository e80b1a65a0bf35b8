package fairacre.water;

/**
 * A run as it is laid.
 *
 * @param at where on the course of what feeds it it begins, metres
 * @param valve whether one opens it: its own, or one of the manifold that it begins at
 */
record LaidRun(WaterRun run, double at, Course course, boolean valve) {}
