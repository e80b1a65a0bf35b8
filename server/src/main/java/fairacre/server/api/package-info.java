/**
 * The HTTP interface: JSON under {@code /api}, problems as {@code application/problem+json} (RFC 9457) with the field,
 * the reason and the next step.
 *
 * <p>Measures, money and changes are written as in the garden file; see {@link fairacre.format.GardenJson}. The
 * controllers translate and nothing else. The description of the interface is served at {@code /api/openapi} and kept
 * in {@code ui/openapi.json}, from which the front end's types are made.
 */
package fairacre.server.api;
