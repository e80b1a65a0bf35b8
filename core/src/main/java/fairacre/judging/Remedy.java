package fairacre.judging;

import fairacre.plan.Change;

/** A way to put a snag right: what it does in words, and the change that does it. */
public record Remedy(String words, Change change) {}
