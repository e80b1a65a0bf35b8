package fairacre.limits;

/** Thrown by the constructors of the plan's records when they are given values that no garden can have. */
public final class RefusedException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;
    private final transient Refusal refusal;

    public RefusedException(Refusal refusal) {
        super(refusal.field() + ": " + refusal.sentence());
        this.refusal = refusal;
    }

    public RefusedException(String field, String reason, String next) {
        this(new Refusal(field, reason, next));
    }

    /** None: a refusal is an answer, given and taken thousands of times while remedies are tried. */
    @Override
    public synchronized Throwable fillInStackTrace() {
        return this;
    }

    /** The same of a value that lies within another. */
    public RefusedException within(String at) {
        String field = refusal.field().isEmpty() ? at : at + "/" + refusal.field();
        return new RefusedException(field, refusal.reason(), refusal.next());
    }

    public Refusal refusal() {
        return refusal;
    }
}
