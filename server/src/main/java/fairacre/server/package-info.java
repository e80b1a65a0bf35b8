/**
 * The program: HTTP, security and store round the core. No rule of the trade lives here.
 *
 * <p>{@code api} speaks JSON, {@code security} knows accounts and sessions, {@code garden} carries out edits,
 * {@code store} keeps plans in PostgreSQL, {@code demo} fills in the sample garden.
 */
package fairacre.server;
