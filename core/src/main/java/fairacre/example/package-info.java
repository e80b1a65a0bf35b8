/**
 * Gardens to begin from: {@link fairacre.example.OneBed} for a small sum, and layouts that are made to fit a plot
 * ({@link fairacre.example.Example}).
 */
package fairacre.example;
