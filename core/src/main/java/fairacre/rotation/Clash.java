package fairacre.rotation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/** Looks for the smallest set of wishes that can't all be met. */
final class Clash {

    /** So many sets are tried; if there are more, wishes are left out one by one as long as the others still clash. */
    private static final int MOST = 300;

    private final Choice choice;
    private final List<Set<Integer>> wishes;
    private final double work;
    private int tried;

    private Clash(Choice choice, List<Set<Integer>> wishes, double work) {
        this.choice = choice;
        this.wishes = wishes;
        this.work = work;
    }

    /**
     * Numbers of wishes, in order; the first of several smallest sets. Empty if all can be met, or if that is too much
     * work to say.
     *
     * @param wishes demands of each, which are met all or not at all
     * @param work deterministic seconds of the solver for each set
     */
    static List<Integer> of(Choice choice, List<Set<Integer>> wishes, double work) {
        List<Integer> all = IntStream.range(0, wishes.size()).boxed().toList();
        Clash clash = new Clash(choice, wishes, work);
        return clash.clashes(all) ? clash.smallest(all) : List.of();
    }

    private boolean clashes(List<Integer> some) {
        tried++;
        Set<Integer> demands = new TreeSet<>();
        some.forEach(each -> demands.addAll(wishes.get(each)));
        return SolvedChoice.canMeet(choice, demands, work).filter(can -> !can).isPresent();
    }

    private List<Integer> smallest(List<Integer> all) {
        List<Integer> reduced = reduced(all);
        for (int size = 1; size < reduced.size(); size++) {
            Optional<List<Integer>> found = ofSize(size, all, List.of());
            if (found.isPresent()) {
                return found.get();
            }
        }
        return reduced;
    }

    private List<Integer> reduced(List<Integer> all) {
        List<Integer> left = new ArrayList<>(all);
        for (Integer each : all) {
            List<Integer> without =
                    left.stream().filter(other -> !other.equals(each)).toList();
            if (clashes(without)) {
                left = new ArrayList<>(without);
            }
        }
        return left;
    }

    private Optional<List<Integer>> ofSize(int size, List<Integer> from, List<Integer> some) {
        if (some.size() == size) {
            return Optional.of(some).filter(this::clashes);
        }
        for (int i = 0; i < from.size() && tried < MOST; i++) {
            List<Integer> more = new ArrayList<>(some);
            more.add(from.get(i));
            Optional<List<Integer>> found = ofSize(size, from.subList(i + 1, from.size()), more);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }
}
