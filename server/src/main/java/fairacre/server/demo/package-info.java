/** The sample garden: read from its file like any other, and copied for everybody who looks round in it. */
package fairacre.server.demo;
