package fairacre.format;

import java.util.List;
import java.util.stream.Collectors;

/** A file that can't be read as a garden, with every fault that was found. */
public final class FaultyFileException extends Exception {

    private static final long serialVersionUID = 1L;
    private final transient List<Fault> faults;

    public FaultyFileException(List<Fault> faults) {
        super(faults.stream().map(Fault::line).collect(Collectors.joining("\n")));
        this.faults = List.copyOf(faults);
    }

    public List<Fault> faults() {
        return faults;
    }
}
