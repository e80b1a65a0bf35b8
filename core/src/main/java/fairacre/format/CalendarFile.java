package fairacre.format;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A calendar file (iCalendar, RFC 5545), written by ical4j. */
final class CalendarFile {

    private CalendarFile() {}

    /**
     * Of no events an empty calendar.
     *
     * @param what it tells, in one word
     */
    static byte[] of(String what, List<VEvent> events) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Fair Acre//" + what + "//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        events.forEach(calendar::add);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            // An empty calendar is none to its validation.
            new CalendarOutputter(false).output(calendar, bytes);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return bytes.toByteArray();
    }

    /** The same for the same words, so that a calendar that is read again replaces its events. */
    static Uid uid(String words) {
        return new Uid(
                UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8)).toString());
    }
}
