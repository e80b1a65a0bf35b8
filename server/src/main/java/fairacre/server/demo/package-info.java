/** The sample garden: read from its file like any other, once, when the program starts with an empty demo account. */
package fairacre.server.demo;
