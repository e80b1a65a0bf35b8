/** The solvers that ship with the program. */
package fairacre.solve;
