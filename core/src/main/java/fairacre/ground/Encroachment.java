package fairacre.ground;

import fairacre.measure.Area;
import fairacre.outline.Point;
import java.util.UUID;

/** A bed on ground that a feature speaks for: how much of it and where. */
public record Encroachment(UUID bed, UUID feature, Claim claim, Area shared, Point place) {}
