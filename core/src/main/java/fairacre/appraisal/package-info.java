/**
 * The one front door to the judgement: a plan in, an appraisal out.
 *
 * <p>{@link fairacre.appraisal.Appraisal} is a pure function of a plan (with its price book) and a season: no clock, no
 * randomness, no files, so the same input gives the same output, byte for byte. Its parts are computed when they are
 * first asked for, and once. {@link fairacre.appraisal.Capabilities} lists what judges: each capability looks for the
 * flaws of its own part of the trade and says what would help ({@link fairacre.judging}).
 */
package fairacre.appraisal;
