package fairacre.build;

/** What keeps the soil of a bed in its place. */
public enum Holder {
    /** Nothing: it lies level with the ground about it. */
    GROUND,
    /** Nothing: it is heaped up. */
    MOUND,
    BOARDS,
    /** The walls of a ready-made metal bed. */
    KIT,
    /** Blocks, bricks or stone. */
    WALL
}
