package fairacre.water;

/**
 * A run as it is laid.
 *
 * @param at where on the course of what feeds it it begins, metres
 */
record LaidRun(WaterRun run, double at, Course course) {}
