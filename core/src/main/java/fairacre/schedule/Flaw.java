package fairacre.schedule;

import java.util.List;

/**
 * Something that is wrong with a calendar.
 *
 * @param what tells it from others of the same rule
 * @param extent by how much, in a unit that is the same for all of the rule
 */
record Flaw(ScheduleRule rule, String what, int extent) {

    /** Whether it was there already, and no smaller. */
    boolean isNoWorseThanIn(List<Flaw> before) {
        return before.stream().anyMatch(was -> was.rule == rule && was.what.equals(what) && was.extent >= extent);
    }
}
