import type { Point } from "../api/types";
import type { Bounds } from "./geometry";

/** Which part of the ground the sheet shows: pixels to the metre, and where the origin of the plot lies on the sheet. */
export interface View {
  scale: number;
  x: number;
  y: number;
}

export interface Size {
  width: number;
  height: number;
}

const SMALLEST_SCALE = 2;
const LARGEST_SCALE = 1500;
/** Free room round the plot when all of it is shown, pixels. */
const MARGIN = 56;

export function toSheet(view: View, point: Point): Point {
  return { x: view.x + point.x * view.scale, y: view.y - point.y * view.scale };
}

export function toGround(view: View, place: Point): Point {
  return { x: (place.x - view.x) / view.scale, y: (view.y - place.y) / view.scale };
}

/** The view that shows all of these bounds. */
export function fitted(bounds: Bounds, size: Size): View {
  const wide = Math.max(bounds.right - bounds.left, 0.1);
  const high = Math.max(bounds.top - bounds.bottom, 0.1);
  const scale = clampScale(Math.min((size.width - 2 * MARGIN) / wide, (size.height - 2 * MARGIN) / high));
  return {
    scale,
    x: size.width / 2 - ((bounds.left + bounds.right) / 2) * scale,
    y: size.height / 2 + ((bounds.bottom + bounds.top) / 2) * scale,
  };
}

/** Larger or smaller about a place on the sheet that stays where it is. */
export function zoomed(view: View, factor: number, about: Point): View {
  const scale = clampScale(view.scale * factor);
  const real = scale / view.scale;
  return { scale, x: about.x - (about.x - view.x) * real, y: about.y - (about.y - view.y) * real };
}

export function panned(view: View, dx: number, dy: number): View {
  return { ...view, x: view.x + dx, y: view.y + dy };
}

function clampScale(scale: number): number {
  return Math.min(LARGEST_SCALE, Math.max(SMALLEST_SCALE, scale));
}
