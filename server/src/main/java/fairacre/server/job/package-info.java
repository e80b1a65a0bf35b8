/**
 * Long solves: work that takes longer than a request should. An account's jobs are worked on one after the other, by
 * whichever node is free; what was found so far is told, and they can be stopped. They lie in the database, so that
 * they outlive the program. {@link fairacre.server.job.Jobs} is the entry, a {@link fairacre.server.job.Solve} each
 * kind of work.
 */
package fairacre.server.job;
