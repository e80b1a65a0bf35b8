import type { Point } from "../api/types";
import type { Look } from "../workspace/useAddress";
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
/** Free room round the plot when all of it is shown, pixels: for the lengths of its sides, the legend below and the buttons at the right. */
const MARGIN = { left: 30, right: 60, top: 28, bottom: 44 };
/** On a narrow sheet the buttons lie above the drawing, pixels. */
const NARROW = { below: 600, margin: { left: 24, right: 24, top: 74, bottom: 40 } };

export function isNarrow({ width }: Size): boolean {
  return width < NARROW.below;
}

export function toSheet(view: View, point: Point): Point {
  return { x: view.x + point.x * view.scale, y: view.y - point.y * view.scale };
}

export function toGround(view: View, place: Point): Point {
  return { x: (place.x - view.x) / view.scale, y: (view.y - place.y) / view.scale };
}

/** The view that shows all of these bounds. */
export function fitted(bounds: Bounds, size: Size): View {
  const { left, right, top, bottom } = isNarrow(size) ? NARROW.margin : MARGIN;
  const wide = Math.max(bounds.right - bounds.left, 0.1);
  const high = Math.max(bounds.top - bounds.bottom, 0.1);
  const scale = clampScale(Math.min((size.width - left - right) / wide, (size.height - top - bottom) / high));
  return {
    scale,
    x: (size.width + left - right) / 2 - ((bounds.left + bounds.right) / 2) * scale,
    y: (size.height + top - bottom) / 2 + ((bounds.bottom + bounds.top) / 2) * scale,
  };
}

/** The view with a place of the ground in the middle of the sheet, and so much of it across. */
export function viewOf({ x, y, across }: Look, size: Size): View {
  const scale = clampScale(size.width / across);
  return { scale, x: size.width / 2 - x * scale, y: size.height / 2 + y * scale };
}

/** What a view looks at, whatever the size of the sheet. */
export function lookOf(view: View, size: Size): Look {
  return { ...toGround(view, { x: size.width / 2, y: size.height / 2 }), across: size.width / view.scale };
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
