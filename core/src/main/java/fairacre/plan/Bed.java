package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * A bed keeps its identity through all its rebuilds.
 *
 * @param revisions at least one, at most 50, one a season, in order of season; the first begins the bed
 * @param tendedBy the gardeners who tend it, in order of id; empty if everybody does
 * @param retired the first season in which it is gone, later than every revision; empty while it stands
 */
public record Bed(UUID id, String name, List<BedRevision> revisions, Optional<Integer> retired, List<UUID> tendedBy) {

    public Bed {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.atMost(Limits.MOST_REVISIONS, revisions, "revisions");
        revisions = revisions.stream()
                .sorted(Comparator.comparingInt(BedRevision::from))
                .toList();
        checkSeasons(revisions);
        tendedBy = tendedBy == null
                ? List.of()
                : tendedBy.stream().distinct().sorted().toList();
        Limits.atMost(Limits.MOST_GARDENERS, tendedBy, "tendedBy");
        int last = revisions.get(revisions.size() - 1).from();
        retired = retired == null ? Optional.empty() : retired;
        retired.ifPresent(season -> {
            Limits.season(season, "retired");
            if (season <= last) {
                throw new RefusedException(
                        "retired",
                        "the bed is built or rebuilt for " + last + " and can't be gone in " + season,
                        "give " + (last + 1) + " or later");
            }
        });
    }

    /** One that everybody tends. */
    public Bed(UUID id, String name, List<BedRevision> revisions, Optional<Integer> retired) {
        this(id, name, revisions, retired, List.of());
    }

    /** A bed with one revision that stands for good. */
    public static Bed of(UUID id, String name, BedRevision revision) {
        return new Bed(id, name, List.of(revision), Optional.empty());
    }

    public int firstSeason() {
        return revisions.get(0).from();
    }

    /** How the bed is in a season; empty before it is built and once it is retired. */
    public Optional<BedRevision> in(int season) {
        if (retired.isPresent() && season >= retired.get()) {
            return Optional.empty();
        }
        return revisions.stream().filter(r -> r.from() <= season).reduce((earlier, later) -> later);
    }

    public Optional<BedRevision> revision(int from) {
        return revisions.stream().filter(r -> r.from() == from).findFirst();
    }

    Bed withName(String newName) {
        return new Bed(id, newName, revisions, retired, tendedBy);
    }

    Bed withRevision(BedRevision added) {
        List<BedRevision> all = new ArrayList<>(revisions);
        all.add(added);
        return new Bed(id, name, all, retired, tendedBy);
    }

    Bed without(int from) {
        return new Bed(
                id, name, revisions.stream().filter(r -> r.from() != from).toList(), retired, tendedBy);
    }

    Bed revised(int from, UnaryOperator<BedRevision> edit) {
        return new Bed(
                id,
                name,
                revisions.stream()
                        .map(r -> r.from() == from ? edit.apply(r) : r)
                        .toList(),
                retired,
                tendedBy);
    }

    Bed withRetired(Optional<Integer> season) {
        return new Bed(id, name, revisions, season, tendedBy);
    }

    Bed withTendedBy(List<UUID> gardeners) {
        return new Bed(id, name, revisions, retired, gardeners);
    }

    private static void checkSeasons(List<BedRevision> revisions) {
        if (revisions.isEmpty()) {
            throw new RefusedException(
                    "revisions", "a bed needs at least one revision", "say how it is built at first");
        }
        for (int i = 1; i < revisions.size(); i++) {
            int season = revisions.get(i).from();
            if (season == revisions.get(i - 1).from()) {
                throw new RefusedException("revisions", "there are two revisions for " + season, "keep one a season");
            }
        }
    }

    /** Asked for at every step of a judgement: what tells most beds apart. */
    @Override
    public int hashCode() {
        return 31 * id.hashCode() + revisions.hashCode();
    }
}
