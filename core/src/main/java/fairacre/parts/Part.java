package fairacre.parts;

/**
 * What one part of the trade brings to the program: kinds of things, items of the price book, what has to be bought,
 * rules and who looks for what breaks them, each by an interface of its own. The one list of parts is
 * {@code META-INF/services/fairacre.parts.Part}.
 */
public interface Part {}
