package fairacre.hoop;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import java.util.stream.Stream;

/** How long it takes to make hoops and to put them up. */
final class HoopRates {

    private static final String GUESS = "a rough guess, from memory";

    static final WorkRate CUT = new WorkRate("hoop/cut", "Sawing a bow to length", 3, "bow", GUESS, Stage.STRUCTURES);
    static final WorkRate BEND = new WorkRate("hoop/bend", "Bending a bow of metal", 8, "bow", GUESS, Stage.STRUCTURES);
    static final WorkRate RIP =
            new WorkRate("hoop/rip", "Ripping a strip for a bow", 4, "strip", GUESS, Stage.STRUCTURES);
    static final WorkRate GLUE_UP = new WorkRate(
            "hoop/glue-up", "Gluing up a bow on its form, and cleaning it", 50, "bow", GUESS, Stage.STRUCTURES);
    static final WorkRate SLEEVE =
            new WorkRate("hoop/sleeve", "Strapping a sleeve to a board", 6, "sleeve", GUESS, Stage.STRUCTURES);
    static final WorkRate PUT_UP =
            new WorkRate("hoop/put-up", "Setting a bow and tying it", 4, "bow", GUESS, Stage.STRUCTURES);
    static final WorkRate SHEET =
            new WorkRate("hoop/sheet", "Laying a sheet over hoops", 15, "sheet", GUESS, Stage.STRUCTURES);

    private HoopRates() {}

    static Stream<WorkRate> all() {
        return Stream.of(CUT, BEND, RIP, GLUE_UP, SLEEVE, PUT_UP, SHEET);
    }
}
