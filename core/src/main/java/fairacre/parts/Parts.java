package fairacre.parts;

import java.util.List;
import java.util.ServiceLoader;

/** The one list of {@link Part}s. */
public final class Parts {

    private static final List<Part> ALL = ServiceLoader.load(Part.class, Parts.class.getClassLoader()).stream()
            .map(ServiceLoader.Provider::get)
            .toList();

    private Parts() {}

    /** All parts that bring something of a sort, in the order of the list. */
    public static <T extends Part> List<T> bringing(Class<T> sort) {
        return ALL.stream().filter(sort::isInstance).map(sort::cast).toList();
    }
}
