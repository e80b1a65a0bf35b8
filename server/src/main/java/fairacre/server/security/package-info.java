/**
 * Accounts, sessions and the headers that browsers are told.
 *
 * <p>A session is a cookie (HttpOnly, SameSite=Lax) whose data lie in the database, so that any number of programs can
 * serve. Passwords are hashed with bcrypt. Failed attempts to sign in are counted by name and by address. A single-page
 * front end sends the CSRF token of a readable cookie back in a header.
 */
package fairacre.server.security;
