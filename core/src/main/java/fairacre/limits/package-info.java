/** What is refused: bounds of all that a gardener may type, and the refusal with field, reason and what would do. */
package fairacre.limits;
