/**
 * What lies ready where before the work begins: bags, boards by their marks, young plants, for each bed, walk and
 * fence.
 *
 * <p>Start reading at {@link fairacre.staging.StagingStudy}. What is bought for several things is shared out; whole
 * bags of all things together are as many as the bill buys. What is lifted as one, and how heavy it is, is a
 * {@link fairacre.staging.Lift}. Tools are not staged: they are taken along by the day.
 */
package fairacre.staging;
