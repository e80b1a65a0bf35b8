/**
 * What feeds the soil: compost by what grows in a bed, and lime, sulphur, phosphate and potash by a test of the soil.
 * Start with {@link fairacre.feeding.FeedingStudy}.
 */
package fairacre.feeding;
