/**
 * The sample garden: read from its file like any other, and copied for everybody who looks round in it; and one bed to
 * begin from.
 */
package fairacre.server.demo;
