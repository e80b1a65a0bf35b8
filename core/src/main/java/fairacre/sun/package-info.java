/**
 * How many hours of direct sun beds and ground have, and what hides it.
 *
 * <p>{@link fairacre.sun.SunStudy} is where to begin. The sun's place comes from NREL's algorithm (Reda and Andreas,
 * Solar Position Algorithm, NREL/TP-560-34302) as the library solarpositioning implements it. What casts a shadow is an
 * upright prism over its footprint: house, shed, wall, fence, hedge, trellis, tree, and other beds; a mesh takes part
 * of the light, a bare crown half of it. A place in a bed has sun at a moment if the line from its soil to the sun
 * meets none of them.
 *
 * <p>Hours are counted on the middle day of each half-month under a clear sky; clouds, haze and light from the sky are
 * left out, and so is what stands off the plot, but for the horizon that was told.
 */
package fairacre.sun;
