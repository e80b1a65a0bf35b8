/**
 * Covers that are put on a bed and lifted off again: cold frames, cloches and net cages.
 *
 * <p>A {@link fairacre.cover.BedCover} is built once, in one size and in sections that one lifts, and stands on beds of
 * that outside size. {@link fairacre.cover.CoverParts} says what it is cut from; start with
 * {@link fairacre.cover.CoverStudy}.
 *
 * <p>Nothing is told of what wind and snow a cover bears, nor of how warm it gets under it.
 */
package fairacre.cover;
