package fairacre.server.garden;

/** Names of gardens as names of files. */
public final class FileName {

    private FileName() {}

    /** What any file system takes, and no way to another folder. */
    public static String of(String name) {
        return name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "-").strip().replaceAll("[.]{2,}|^[.]|[.]$", "-");
    }
}
