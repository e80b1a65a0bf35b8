package fairacre.ground;

/** How ground is spoken for. */
public enum Claim {
    /** Something stands there. */
    BUILT_ON,
    /** Kept off, with its setback. */
    KEEP_OFF,
    /** Over a buried line or within its strip of caution. */
    BURIED_LINE,
    /** Within the spread of a tree's crown: roots and shade. */
    TREE_ROOTS
}
