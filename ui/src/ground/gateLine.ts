import type { Feature, Plan, Point, Site, WayIn } from "../api/types";
import { standingThings } from "../capabilities";
import { onBoundary, piecesOf, thereAndBack } from "../sheet/boundary";
import { MIDDLE_TOLERANCE } from "../sheet/things";
import { isThere } from "../workspace/seasons";

/** A fence within this of the plot's edge is the edge's own, metres: a foot. */
const ALONG_THE_EDGE = 0.3048;

/** The fences of a season. */
export function fencesOf(plan: Plan, season: number): Feature[] {
  return standingThings(plan).filter(({ kind, lifetime }) => kind === "FENCE" && isThere(lifetime, season));
}

/** The fence within the plot in which a gate is. */
export function lineOf({ fence }: Pick<WayIn, "fence">, plan: Plan): readonly Point[] | undefined {
  return standingThings(plan).find(({ id }) => id === fence)?.places;
}

/** Where a gate comes that is set near a place: in the edge of the plot, or in a fence within it that is nearer. */
export function gateAt(
  plan: Plan,
  season: number,
  place: Point,
  step: number,
): Pick<WayIn, "place" | "fence"> {
  const edge = onEdge(plan.site, place, step);
  const nearest = fencesOf(plan, season)
    .map(({ id, places }) => ({ fence: id, place: onLine(places, place, step) }))
    .sort((a, b) => far(a.place, place) - far(b.place, place))[0];
  return nearest && far(nearest.place, place) + ALONG_THE_EDGE < far(edge, place) ? nearest : { place: edge };
}

/** The place of the plot's edge that is nearest. */
export function onEdge(site: Site, place: Point, step: number): Point {
  return onBoundary(piecesOf(site), place, step, MIDDLE_TOLERANCE);
}

/** The place of a line that is nearest. */
export function onLine(line: readonly Point[], place: Point, step: number): Point {
  return onBoundary([thereAndBack(line)], place, step, MIDDLE_TOLERANCE);
}

function far(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
