package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The seasons in which something is there.
 *
 * @param from season in which it comes, and is paid for; empty for what is there from the garden's first season on
 * @param until season from which on it is gone, later than {@code from}; empty if it stays
 */
public record Lifetime(Optional<Integer> from, Optional<Integer> until) {

    public static final Lifetime ALWAYS = new Lifetime(Optional.empty(), Optional.empty());

    public Lifetime {
        from = from == null ? Optional.empty() : from;
        from.ifPresent(season -> Limits.season(season, "from"));
        until = until == null ? Optional.empty() : until;
        until.ifPresent(season -> Limits.season(season, "until"));
        if (from.isPresent() && until.isPresent() && until.get() <= from.get()) {
            throw new RefusedException(
                    "until", "it would be gone before it is there", "give " + (from.get() + 1) + " or later");
        }
    }

    /** Of something that comes in a season and stays. */
    public static Lifetime from(int season) {
        return new Lifetime(Optional.of(season), Optional.empty());
    }

    /** Of something that is there already and goes in a season. */
    public static Lifetime until(int season) {
        return new Lifetime(Optional.empty(), Optional.of(season));
    }

    public boolean includes(int season) {
        return (from.isEmpty() || from.get() <= season) && (until.isEmpty() || season < until.get());
    }

    /** Whether it is gone by a season. */
    public boolean isOver(int season) {
        return until.isPresent() && until.get() <= season;
    }

    /** Whether both are there in some season. */
    public boolean meets(Lifetime other) {
        return other.from.filter(this::isOver).isEmpty()
                && from.filter(other::isOver).isEmpty();
    }

    /** The seasons in which both are there; empty if there are none. */
    public Optional<Lifetime> common(Lifetime other) {
        return meets(other)
                ? Optional.of(new Lifetime(
                        Stream.of(from, other.from).flatMap(Optional::stream).max(Comparator.naturalOrder()),
                        Stream.of(until, other.until).flatMap(Optional::stream).min(Comparator.naturalOrder())))
                : Optional.empty();
    }

    public boolean beginsIn(int season) {
        return from.isPresent() && from.get() == season;
    }

    /**
     * When something is bought that doesn't last as long as it is wanted: the season in which it comes, and each in
     * which it is renewed while it is wanted. Of what is wanted for good nobody can say how often that is: it is bought
     * once. What came in none was there before.
     *
     * @param years that it lasts, at least 1
     */
    public IntStream boughtIn(int years) {
        return from.stream()
                .flatMapToInt(first -> IntStream.iterate(first, season -> season + years)
                        .limit(until.map(last -> (last - first + years - 1) / years)
                                .orElse(1)));
    }

    /** Of the same thing, which comes in another season. */
    public Lifetime beginning(int season) {
        return new Lifetime(Optional.of(season), until);
    }
}
