package fairacre.water;

import java.util.List;

/**
 * A manifold as it hangs on what feeds it.
 *
 * @param at where on the course of what feeds it the pipe to it begins, metres
 * @param stub from there to the manifold; one place where it is screwed on directly
 * @param pipe of the stub
 */
record LaidManifold(Manifold manifold, double at, Course stub, PipeKind pipe) {

    /** Where all that it opens begins. */
    Course course() {
        return new Course(List.of(manifold.place()));
    }
}
