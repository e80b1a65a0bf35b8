package fairacre.plan;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/** What beds and things are called that an edit or a bill names only by their id. */
public final class Names {

    private final Map<UUID, String> names = new HashMap<>();

    /** Of what is there in a plan, and of what some changes put there. */
    public static Names of(Plan plan, List<Change> changes) {
        Names names = new Names();
        changes.forEach(names::add);
        plan.beds().forEach(bed -> names.names.put(bed.id(), bed.name()));
        Things.all().forEach(things -> names.add(things, plan));
        return names;
    }

    /** @param otherwise for what has no known name */
    public String of(UUID id, String otherwise) {
        return names.getOrDefault(id, otherwise);
    }

    /** A name that is not taken: the name itself, or with the first number from 2 on that is free. */
    public static String free(Collection<String> taken, String name) {
        return Stream.iterate(1, number -> number + 1)
                .map(number -> number == 1 ? name : name + " " + number)
                .filter(free -> !taken.contains(free))
                .findFirst()
                .orElseThrow();
    }

    String bed(UUID id) {
        return of(id, "a bed");
    }

    private <T> void add(Things<T> things, Plan plan) {
        plan.list(things)
                .forEach(thing ->
                        names.put(things.id().apply(thing), things.label().apply(thing)));
    }

    private void add(Change change) {
        if (change instanceof Put<?> put) {
            names.put(put.id(), put.label());
        } else if (change instanceof Change.PlaceBed placed) {
            names.put(placed.bed().id(), placed.bed().name());
        } else if (change instanceof Change.Batch batch) {
            batch.changes().forEach(this::add);
        }
    }
}
