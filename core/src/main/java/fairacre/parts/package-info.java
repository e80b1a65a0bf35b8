/** The parts of the trade that the program is put together from. Adding one is a line in their list. */
package fairacre.parts;
