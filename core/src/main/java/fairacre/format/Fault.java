package fairacre.format;

/**
 * Something wrong with a file.
 *
 * @param pointer JSON Pointer (RFC 6901) of the place; empty for the whole file
 * @param wrong what is wrong there
 * @param right what would be right
 */
public record Fault(String pointer, String wrong, String right) {

    /** One line: pointer, what is wrong, what would be right. */
    public String line() {
        return (pointer.isEmpty() ? "(file)" : pointer) + ": " + oneLine(wrong) + "; " + oneLine(right);
    }

    private static String oneLine(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }
}
