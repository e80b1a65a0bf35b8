package fairacre.schedule;

import fairacre.judging.Rule;
import fairacre.judging.Step;
import fairacre.work.Caution;

/** Rules about when work is done and by whom. The names are stable codes. */
public enum ScheduleRule implements Rule {
    WORK_UNDONE(
            "Work that can't be done",
            "All work of a season can be done by those who work, with what is there for it.",
            "common practice"),
    WORK_PAST_END(
            "Work ends too late", "The work of a season is over by the day on which it is to be done.", "arithmetic"),
    WORK_TOO_LATE(
            "Work begins too late",
            "What is wanted on a day, such as sowing, is begun within a week of it.",
            "common practice"),
    SETTLED_TOO_EARLY(
            "Settled before its turn",
            "A task is settled for a day on which what it waits for is done.",
            "common practice"),
    NO_REST_IN_HEAT(
            "No rest in the heat",
            "Nobody digs, carries or shovels for more than " + Heat.MOST_HOURS
                    + " hours on a day on which it is usually " + (int) Caution.HOT + " °C or warmer.",
            "rule of thumb: half of a day's work"),
    HIRE_IDLE("Hired without work", "A machine is booked for days on which there is work for it.", "common practice");

    private final Text text;

    ScheduleRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    /** A calendar is laid out anew for each remedy. */
    @Override
    public boolean slow() {
        return true;
    }

    @Override
    public Step step() {
        return Step.PURSE;
    }

    @Override
    public Text text() {
        return text;
    }
}
