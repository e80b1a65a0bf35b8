package fairacre.judging;

import java.util.List;
import java.util.function.Supplier;

/**
 * Looks for flaws of one sort.
 *
 * @param part what it looks at, to be told where it fails: "the walks"
 */
public record Finder(String part, Supplier<List<Snag>> work) {}
