import type { components } from "../api/schema";
import type { Feature, Point } from "../api/types";

export type Fence = components["schemas"]["Fence"];
export type Pest = components["schemas"]["Pest"];
export type PostGround = components["schemas"]["PostGround"];
export type Flaw = components["schemas"]["FenceFlaw"];
export type Hole = components["schemas"]["Hole"];
export type PestRow = components["schemas"]["PestRow"];
export type FenceTold = components["schemas"]["FenceTold"];
export type FencePiece = components["schemas"]["FencePiece"];
export type Post = components["schemas"]["Post"];
export type PricedFence = components["schemas"]["PricedFence"];
export type PricedMake = components["schemas"]["PricedMake"];

/** A fence as it stands on the plot; in the soil of beds it takes no ground of its own. */
export function asFeature({ id, name, places, foot, height, lifetime }: Fence): Feature {
  return {
    id,
    name,
    kind: "FENCE",
    places,
    breadth: foot.way === "BED" ? 0 : 0.05,
    margin: 0,
    height,
    depth: 0,
    bareInWinter: false,
    lifetime,
  };
}

/** Whether it ends where it begins. */
export function isRing(places: readonly Point[]): boolean {
  const [first] = places;
  const last = places.at(-1);
  return places.length > 3 && first?.x === last?.x && first?.y === last?.y;
}

/** The same line bent: the place where a ring closes is moved at both its ends. */
export function bent(was: readonly Point[], now: readonly Point[]): Point[] {
  if (!isRing(was) || was.length !== now.length) return [...now];
  const [first] = now;
  const last = now.at(-1);
  if (!first || !last) return [...now];
  const same = (a: Point | undefined, b: Point) => a?.x === b.x && a.y === b.y;
  const closing = same(was[0], first) ? last : first;
  return [closing, ...now.slice(1, -1), closing];
}

/** One draws on from an end of a fence within this, metres. */
const NEAR = 0.4;

/** A line that was drawn, with the fence that it goes on from; one that comes back to the fence's other end closes it. */
export function drawnOn(
  fences: readonly Fence[],
  from: Point,
  to: Point,
): { fence: Fence; places: Point[] } | null {
  for (const fence of fences) {
    const { places } = fence;
    const [first] = places;
    const last = places.at(-1);
    if (!first || !last || isRing(places)) continue;
    if (isNear(last, from)) return { fence, places: [...places, isNear(first, to) ? first : to] };
    if (isNear(first, from)) return { fence, places: [isNear(last, to) ? last : to, ...places] };
  }
  return null;
}

function isNear(a: Point, b: Point): boolean {
  return Math.hypot(a.x - b.x, a.y - b.y) <= NEAR;
}
