/** Who may use the processors when there is more to work on than they can do. */
package fairacre.server.turn;
