package fairacre.judging;

import fairacre.limits.Limits;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A snag that the gardener knows of and lives with, as it was when it was put aside. It covers the same snag in every
 * season, until that has grown: become more serious, or larger by more than {@link #SLACK}; one without an extent has
 * grown once it says anything else. The words of a snag tell lengths and places, so one that merely says otherwise is
 * shown again rather than kept from the gardener.
 *
 * @param rule its code
 * @param about the beds, other things and gardeners that it concerns, in order of id
 * @param place where it is; it is looked for within {@link #NEAR} of it, since a bed can have several snags of a rule
 * @param words what it said
 * @param reason why it is lived with, 1 to 200 characters on one line
 */
public record SetAside(
        UUID id,
        String rule,
        List<UUID> about,
        Optional<Point> place,
        Weight weight,
        Optional<Double> extent,
        String words,
        String reason) {

    /** So much larger a snag may be than when it was put aside, as a share: what rounding of places makes of it. */
    static final double SLACK = 0.01;

    /** Metres. */
    static final double NEAR = 1;

    /** Sums and sizes, which change while the snag stays the same. */
    private static final Pattern FIGURE = Pattern.compile("[0-9][0-9,]*[.][0-9]+");

    private static final int MOST_ABOUT = Limits.MOST_BEDS;
    private static final int LONGEST_WORDS = 2000;
    private static final int LONGEST_REASON = 200;
    private static final double MOST = 1e12;

    public SetAside {
        Limits.present(id, "id");
        rule = Limits.name(rule, "rule");
        Limits.atMost(MOST_ABOUT, about, "about");
        about = about.stream().distinct().sorted().toList();
        place = place == null ? Optional.empty() : place;
        Limits.present(weight, "weight");
        extent = extent == null ? Optional.empty() : extent;
        extent.ifPresent(size -> Limits.between(size, 0, MOST, "extent"));
        words = Limits.line(words, LONGEST_WORDS, "snag", "words");
        reason = Limits.line(reason, LONGEST_REASON, "reason", "reason");
    }

    /** A snag as it is, with why it is lived with. */
    public static SetAside of(UUID id, Snag snag, String reason) {
        return new SetAside(
                id, snag.rule().name(), about(snag), snag.place(), snag.weight(), snag.extent(), snag.words(), reason);
    }

    /** Whether it was this snag, grown or not. What is neither about anything nor anywhere is known by what it says. */
    boolean isOf(Snag snag) {
        boolean here = place.isPresent() || snag.place().isPresent() || !about.isEmpty()
                ? distance(snag) <= NEAR
                : sentence(words).equals(sentence(snag.words()));
        return rule.equals(snag.rule().name()) && about.equals(about(snag)) && here;
    }

    /** Between the places, metres; 0 where either has none. */
    double distance(Snag snag) {
        return place.flatMap(from -> snag.place().map(to -> from.distance(to).metres()))
                .orElse(0.0);
    }

    private static String sentence(String words) {
        return FIGURE.matcher(words).replaceAll("#");
    }

    /** Whether the snag is no worse than when it was put aside. */
    boolean covers(Snag snag) {
        boolean more = extent.isPresent() && snag.extent().isPresent()
                ? snag.extent().get() > extent.get() * (1 + SLACK)
                : !words.equals(snag.words());
        return isOf(snag) && snag.weight().compareTo(weight) >= 0 && !more;
    }

    /** What is said of a snag that it doesn't cover any more. */
    String whyBack(Snag snag) {
        boolean measured = extent.isPresent() && snag.extent().isPresent();
        return "You had put it aside (“" + reason + "”); it has " + (measured ? "grown" : "changed") + " since.";
    }

    private static List<UUID> about(Snag snag) {
        return Stream.of(
                        snag.beds(),
                        snag.things().stream().map(thing -> thing.id()).toList(),
                        snag.gardeners())
                .flatMap(List::stream)
                .distinct()
                .sorted()
                .toList();
    }
}
