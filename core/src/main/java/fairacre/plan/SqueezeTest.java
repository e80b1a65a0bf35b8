package fairacre.plan;

/** What a damp handful of soil does when it is squeezed. */
public enum SqueezeTest {
    NOT_DONE,
    FALLS_APART,
    HOLDS_AND_CRUMBLES,
    MAKES_A_RIBBON
}
