package fairacre.shape;

import java.util.stream.BaseStream;

/** When work is handed out to several cores. */
public final class Cores {

    /** For fewer beds handing it out takes as long as doing it, and the cores are wanted for other things too. */
    private static final int MANY_BEDS = 40;

    private Cores() {}

    /** The same stream, on several cores if it works for many beds. */
    public static <S extends BaseStream<?, S>> S spread(S stream, int beds) {
        return beds < MANY_BEDS ? stream.sequential() : stream.parallel();
    }
}
