/**
 * The sample garden: read from its file like any other when the program starts, and again when somebody has deleted it.
 */
package fairacre.server.demo;
