package fairacre.watch;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A run of a zone as it was watched.
 *
 * @param zone by its number
 * @param start minutes after midnight
 * @param minutes that it ran; 0 if it was left out
 * @param rain of the day before, millimetres
 * @param leftOut since it had rained
 * @param expected litres by the solved flow
 * @param counted litres by the meter; empty if nothing was heard of it
 * @param alarm what is told of it; empty if all is well
 */
public record WatchedRun(
        LocalDate date,
        UUID valve,
        int zone,
        int start,
        int minutes,
        double rain,
        boolean leftOut,
        double expected,
        Optional<Double> counted,
        Optional<Alarm> alarm) {

    /** What a meter gives away. */
    public enum Alarm {
        /** More ran than should: a leak. */
        TOO_MUCH,
        /** Less ran than should: something is clogged. */
        TOO_LITTLE,
        /** Nothing ran: the valve stays shut, or so does the source. */
        NOTHING,
        /** Water ran while every valve should have been shut. */
        RAN_ON,
        /** Nothing was heard of the meter. */
        NO_SIGNAL
    }
}
