package fairacre.cover;

import fairacre.plan.Plan;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** In how many sections a cover is built. */
final class CoverSections {

    /** What one person lifts, kilograms: NIOSH, revised lifting equation, load constant (from memory). */
    static final double LIFTED = 23;

    private CoverSections() {}

    static boolean light(Plan plan, BedCover cover) {
        return new CoverParts(plan, cover).sectionKilograms() <= LIFTED;
    }

    static boolean cut(Plan plan, BedCover cover) {
        return new CoverParts(plan, cover).tooLarge().isEmpty();
    }

    /** The fewest, from some number on, with which it is as wanted. */
    static Optional<BedCover> fewest(BedCover cover, int from, Predicate<BedCover> wanted) {
        return IntStream.rangeClosed(from, BedCover.MOST_SECTIONS)
                .mapToObj(cover::inSections)
                .filter(wanted)
                .findFirst();
    }

    /** The fewest that one person lifts and sheets on sale are large enough for; as it is if there are none. */
    static BedCover tidy(Plan plan, BedCover cover) {
        return fewest(cover, 1, each -> cut(plan, each) && light(plan, each)).orElse(cover);
    }
}
