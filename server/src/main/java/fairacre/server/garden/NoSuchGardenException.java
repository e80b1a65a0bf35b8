package fairacre.server.garden;

/** There is no such garden, or it is somebody else's. */
public final class NoSuchGardenException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NoSuchGardenException() {
        super("there is no such garden");
    }
}
