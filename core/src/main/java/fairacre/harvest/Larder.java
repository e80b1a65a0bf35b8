package fairacre.harvest;

import java.util.ArrayDeque;
import java.util.Deque;

/**
 * One crop from day to day: what is picked, what is eaten, what lies in store. The oldest is eaten first. It is eaten
 * evenly over those days of a season on which there is any: from a picking until that keeps no longer.
 */
final class Larder {

    /** What is older was stored, days. */
    static final int FRESH = 7;

    /** Less is a rounding, kilograms. */
    private static final double CRUMB = 1e-9;

    /** What is left of the picking of a day. */
    private record Lot(int day, double kilograms) {}

    private final double[] picked;
    private final int keeps;
    private final double[] eaten;
    private final double[] stored;

    /**
     * @param picked on each day, kilograms
     * @param keeps days
     */
    Larder(double[] picked, int keeps) {
        this.picked = picked.clone();
        this.keeps = Math.max(FRESH, keeps);
        this.eaten = new double[picked.length];
        this.stored = new double[picked.length];
    }

    /**
     * Follows it over the seasons.
     *
     * @param wanted kilograms in a season
     * @param seasons the days on which they begin, from 0 on, and the day after the last
     */
    Larder follow(double wanted, int... seasons) {
        boolean[] there = there();
        Deque<Lot> lots = new ArrayDeque<>();
        for (int season = 0; season + 1 < seasons.length; season++) {
            int days = 0;
            for (int day = seasons[season]; day < seasons[season + 1]; day++) {
                days += there[day] ? 1 : 0;
            }
            for (int day = seasons[season]; day < seasons[season + 1]; day++) {
                live(day, lots, days == 0 ? 0 : wanted / days);
            }
        }
        return this;
    }

    private boolean[] there() {
        boolean[] there = new boolean[picked.length];
        int until = 0;
        for (int day = 0; day < picked.length; day++) {
            until = picked[day] > 0 ? day + keeps : until;
            there[day] = day < until;
        }
        return there;
    }

    private void live(int day, Deque<Lot> lots, double appetite) {
        if (picked[day] > 0) {
            lots.addLast(new Lot(day, picked[day]));
        }
        while (!lots.isEmpty() && day - lots.getFirst().day() >= keeps) {
            lots.removeFirst();
        }
        double hunger = appetite;
        while (hunger > CRUMB && !lots.isEmpty()) {
            Lot oldest = lots.removeFirst();
            double portion = Math.min(hunger, oldest.kilograms());
            hunger -= portion;
            eaten[day] += portion;
            if (oldest.kilograms() - portion > CRUMB) {
                lots.addFirst(new Lot(oldest.day(), oldest.kilograms() - portion));
            }
        }
        stored[day] = lots.stream()
                .filter(lot -> day - lot.day() >= FRESH)
                .mapToDouble(Lot::kilograms)
                .sum();
    }

    double eaten(int from, int until) {
        return sum(eaten, from, until);
    }

    double picked(int from, int until) {
        return sum(picked, from, until);
    }

    /** The day from one on, before another, after which most of it lies in store. */
    int fullest(int from, int until) {
        int fullest = from;
        for (int day = from; day < until; day++) {
            fullest = stored[day] > stored[fullest] + CRUMB ? day : fullest;
        }
        return fullest;
    }

    double stored(int day) {
        return stored[day];
    }

    private static double sum(double[] values, int from, int until) {
        double sum = 0;
        for (int day = from; day < until; day++) {
            sum += values[day];
        }
        return sum;
    }
}
