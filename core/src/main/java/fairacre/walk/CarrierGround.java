package fairacre.walk;

import fairacre.measure.Area;
import fairacre.measure.Length;
import java.util.List;
import java.util.UUID;

/**
 * What one carrier can do in a season.
 *
 * @param ground the ground it can use from the ways in
 * @param alongside the beds that it gets alongside, with some part of an edge
 * @param shutOut the beds that it doesn't
 * @param pinches the places that are too narrow for it
 * @param turning the ground on which it can turn round in a circle, within the ground it can use
 * @param tees where it can turn in a T besides
 * @param deadEnds where it can get in and has to be backed out
 * @param passing the ground on which two of a kind pass each other
 * @param unpassable the longest walk without such a place
 */
public record CarrierGround(
        UUID carrier,
        List<Patch> ground,
        Area area,
        List<UUID> alongside,
        List<UUID> shutOut,
        List<Pinch> pinches,
        List<Patch> turning,
        List<Tee> tees,
        List<DeadEnd> deadEnds,
        List<Patch> passing,
        Length unpassable) {

    public CarrierGround {
        ground = List.copyOf(ground);
        alongside = List.copyOf(alongside);
        shutOut = List.copyOf(shutOut);
        pinches = List.copyOf(pinches);
        turning = List.copyOf(turning);
        tees = List.copyOf(tees);
        passing = List.copyOf(passing);
        deadEnds = List.copyOf(deadEnds);
    }
}
