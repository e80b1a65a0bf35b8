package fairacre.plan;

/** How a gardener works at a bed. */
public enum Posture {
    STANDING,
    SEATED
}
