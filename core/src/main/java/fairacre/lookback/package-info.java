/**
 * A season looked back at: what went wrong, each with an edit for the coming season.
 *
 * <p>Start reading at {@link fairacre.lookback.LookBackStudy}. A lesson is told from the journal (losses, harvests,
 * work), from what the plan left bare, and from snags that were lived with. An edit is offered only if the coming
 * season has no snag after it that it had not before; where none helps, a lesson can still be noted for next time.
 */
package fairacre.lookback;
