/**
 * Plans, accounts and the log of changes in PostgreSQL, through jOOQ's generated classes.
 *
 * <p>A plan is kept in typed rows and read in one statement; a write touches only the rows that differ. Lengths are
 * whole micrometres in the database as in the core.
 */
package fairacre.server.store;
