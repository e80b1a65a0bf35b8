package fairacre.build;

import fairacre.limits.Limits;
import fairacre.measure.Length;

/**
 * A wall round a bed, in place of boards.
 *
 * @param courses 1 to 24
 */
public record Wall(Masonry kind, int courses) {

    private static final int MOST_COURSES = 24;

    public Wall {
        Limits.present(kind, "kind");
        Limits.between(courses, 1, MOST_COURSES, "courses");
    }

    public Length height() {
        return kind.course().times(courses);
    }
}
