/**
 * Measures as a gardener writes them: lengths, areas and volumes that survive a round trip.
 *
 * <p>A {@link fairacre.measure.Length} is a whole number of micrometres, 25 400 to the inch (the international inch of
 * 1959), so that inches, halves to eighths of an inch and millimetres are exact and a sixteenth is off by half a
 * micrometre. {@link fairacre.measure.Area} and {@link fairacre.measure.Volume} are results: they are rounded once,
 * when a study has finished, to one square centimetre and to one millilitre.
 *
 * <p>Start with {@link fairacre.measure.LengthText}, which reads {@code 3'6"}, {@code 42in} and {@code 1.07m} and
 * writes them back. The package does no geometry and knows nothing of gardens.
 */
package fairacre.measure;
