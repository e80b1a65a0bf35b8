/**
 * The ground under wheels: whether it is firm, level and without steps for each chair, barrow and what else is wheeled.
 * Where they get to is {@link fairacre.walk}'s question.
 */
package fairacre.wheels;
