package fairacre.plan;

/** What covers the ground before anything is built. */
public enum Cover {
    BARE,
    LAWN,
    ROUGH_GRASS,
    BRAMBLES,
    PAVED
}
