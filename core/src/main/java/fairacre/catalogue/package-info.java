/** The crops that the program knows, and the gardener's own crops and varieties. */
package fairacre.catalogue;
