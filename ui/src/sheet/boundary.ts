import type { Point } from "../api/types";
import { tidy } from "./geometry";

interface Foot {
  place: Point;
  distance: number;
}

/** The place on the edge of the ground nearest to a place; the middle of a side or a whole step along it if that is near. */
export function onBoundary(
  pieces: readonly (readonly Point[])[],
  place: Point,
  step: number,
  tolerance: number,
): Point {
  let best: Foot | null = null;
  for (const corners of pieces) {
    corners.forEach((from, index) => {
      const to = corners[(index + 1) % corners.length] ?? from;
      const foot = onSide(from, to, place, step, tolerance);
      if (best === null || foot.distance < best.distance) best = foot;
    });
  }
  return (best as Foot | null)?.place ?? place;
}

function onSide(from: Point, to: Point, place: Point, step: number, tolerance: number): Foot {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const ux = (to.x - from.x) / length;
  const uy = (to.y - from.y) / length;
  const raw = Math.max(0, Math.min(length, (place.x - from.x) * ux + (place.y - from.y) * uy));
  const middle = Math.abs(raw - length / 2) <= tolerance;
  const along = middle ? length / 2 : Math.min(length, Math.round(raw / step) * step);
  const distance = Math.hypot(place.x - from.x - raw * ux, place.y - from.y - raw * uy);
  return { place: { x: tidy(from.x + along * ux), y: tidy(from.y + along * uy) }, distance };
}

/** Direction of the side of the ground on which a place lies, as a unit vector. */
export function sideAt(pieces: readonly (readonly Point[])[], place: Point): Point {
  let best = { x: 1, y: 0 };
  let least = Infinity;
  for (const corners of pieces) {
    corners.forEach((from, index) => {
      const to = corners[(index + 1) % corners.length] ?? from;
      const length = Math.hypot(to.x - from.x, to.y - from.y);
      const ux = (to.x - from.x) / length;
      const uy = (to.y - from.y) / length;
      const along = Math.max(0, Math.min(length, (place.x - from.x) * ux + (place.y - from.y) * uy));
      const distance = Math.hypot(place.x - from.x - along * ux, place.y - from.y - along * uy);
      if (distance < least) {
        least = distance;
        best = { x: ux, y: uy };
      }
    });
  }
  return best;
}

/** A line as a ring: walked there and back, so that it has no side from its end to its beginning. */
export function thereAndBack(line: readonly Point[]): Point[] {
  return [...line, ...line.slice(1, -1).reverse()];
}

/** Every piece of the ground. */
export function piecesOf(site: { corners: readonly Point[]; further: readonly (readonly Point[])[] }) {
  return [site.corners, ...site.further];
}
