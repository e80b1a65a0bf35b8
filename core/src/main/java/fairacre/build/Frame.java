package fairacre.build;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.Optional;

/**
 * What holds a bed: boards on edge in one or more courses.
 *
 * @param courses layers of boards, 1 to 12
 */
public record Frame(Material material, Board board, int courses, Joint joint) {

    public Frame {
        Limits.present(material, "material");
        Limits.present(board, "board");
        Limits.between(courses, 1, Limits.MOST_COURSES, "courses");
        Limits.present(joint, "joint");
    }

    /** Height above the ground: courses times the board's actual width. */
    public Length height() {
        return board.width().times(courses);
    }

    public Frame withCourses(int newCourses) {
        return new Frame(material, board, newCourses, joint);
    }

    /** The same with as few courses as make it so high; empty if it would take too many. */
    public Optional<Frame> atLeast(Length wanted) {
        long width = board.width().micrometres();
        long needed = Math.max(1, (wanted.micrometres() + width - 1) / width);
        return needed > Limits.MOST_COURSES ? Optional.empty() : Optional.of(withCourses((int) needed));
    }
}
