import type { Point } from "../api/types";
import type { Spray } from "./water";

/** A corner of what is drawn at every so many radians. */
const CORNERS = Math.PI / 18;

/** The ground that a sprinkler wets: its arc, and its place unless it throws all round. */
export function outlineOf({ place, radius, from, sweep }: Spray): Point[] {
  const round = sweep > 2 * Math.PI - CORNERS / 2;
  const steps = Math.max(1, Math.ceil(sweep / CORNERS));
  const arc = Array.from({ length: steps + (round ? 0 : 1) }, (_, i) => {
    const angle = from + (sweep * i) / steps;
    return { x: place.x + radius * Math.cos(angle), y: place.y + radius * Math.sin(angle) };
  });
  return round ? arc : [place, ...arc];
}
