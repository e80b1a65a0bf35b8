package fairacre.ground;

import fairacre.measure.Area;
import fairacre.outline.Point;
import java.util.UUID;

/** A bed that lies partly or wholly outside of the plot, and a place in the part that does. */
public record OffPlot(UUID bed, Area outside, Point place) {}
