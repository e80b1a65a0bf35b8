/**
 * Edits that two windows make of one garden at the same time: what each of them changed is kept, and where both changed
 * the same, that is told.
 */
package fairacre.merge;
