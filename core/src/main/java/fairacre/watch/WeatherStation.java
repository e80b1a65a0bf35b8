package fairacre.watch;

import java.time.LocalDate;

/** Tells what the weather was. */
public interface WeatherStation {

    /** Millimetres that fell on a day. */
    double rain(LocalDate date);
}
