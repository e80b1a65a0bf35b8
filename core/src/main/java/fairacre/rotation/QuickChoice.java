package fairacre.rotation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** Takes that candidate which saves most, and again, until none saves anything. */
final class QuickChoice {

    private final Choice choice;
    private final List<List<int[]>> rivalsOf = new ArrayList<>();
    private final List<List<Choice.Followers>> followersOf = new ArrayList<>();
    private final BitSet chosen = new BitSet();
    private final BitSet barred;
    private final int[] met;

    private QuickChoice(Choice choice) {
        this.choice = choice;
        this.barred = choice.barred();
        this.met = choice.demands().stream().mapToInt(Choice.Demand::met).toArray();
        choice.candidates().forEach(candidate -> {
            rivalsOf.add(new ArrayList<>());
            followersOf.add(new ArrayList<>());
        });
        for (int[] some : choice.rivals()) {
            for (int each : some) {
                rivalsOf.get(each).add(some);
            }
        }
        for (Choice.Followers pair : choice.followers()) {
            for (int each : pair.before()) {
                followersOf.get(each).add(pair);
            }
            for (int each : pair.after()) {
                followersOf.get(each).add(pair);
            }
        }
    }

    /** Numbers of the candidates that are chosen. */
    static BitSet of(Choice choice) {
        return new QuickChoice(choice).choose();
    }

    private BitSet choose() {
        for (int best = best(); best >= 0; best = best()) {
            chosen.set(best);
            met[choice.candidates().get(best).demand()] +=
                    choice.candidates().get(best).share();
            for (int[] some : rivalsOf.get(best)) {
                for (int each : some) {
                    barred.set(each);
                }
            }
        }
        return chosen;
    }

    private int best() {
        int best = -1;
        long most = 0;
        for (int i = 0; i < choice.candidates().size(); i++) {
            if (!chosen.get(i) && !barred.get(i)) {
                long saved = saved(i);
                if (saved > most) {
                    most = saved;
                    best = i;
                }
            }
        }
        return best;
    }

    private long saved(int number) {
        Choice.Candidate candidate = choice.candidates().get(number);
        int missing = Math.max(0, Choice.WHOLE - met[candidate.demand()]);
        long saved = (long) choice.demands().get(candidate.demand()).weight() * Math.min(missing, candidate.share())
                - candidate.cost();
        if (saved > 0) {
            for (Choice.Followers pair : followersOf.get(number)) {
                boolean before = isAny(pair.before());
                boolean after = isAny(pair.after());
                boolean begins = isIn(number, pair.before());
                saved -= before != after && (begins ? after : before) ? pair.cost() : 0;
            }
        }
        return saved;
    }

    private static boolean isIn(int number, int[] some) {
        for (int each : some) {
            if (each == number) {
                return true;
            }
        }
        return false;
    }

    private boolean isAny(int[] some) {
        for (int each : some) {
            if (chosen.get(each)) {
                return true;
            }
        }
        return false;
    }
}
