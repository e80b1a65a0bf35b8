package fairacre.arrange;

import fairacre.outline.Shape;

/** A bed of a draft within the rectangle to be arranged: its lower left corner and its size there, metres. */
record Block(double left, double foot, double length, double width, Shape shape, double turn) {

    static Block plain(double left, double foot, double length, double width) {
        return new Block(left, foot, length, width, Shape.RECTANGLE, 0);
    }

    /** The same with left to right and bottom to top exchanged. */
    Block swapped() {
        return new Block(foot, left, width, length, shape, turn);
    }

    Block shifted(double dx, double dy) {
        return new Block(left + dx, foot + dy, length, width, shape, turn);
    }

    double area() {
        return length * width;
    }
}
