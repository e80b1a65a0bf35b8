import type { Point, Rectangle } from "../api/types";

/** Plane arithmetic of the drawing: metres, x right, y up, turns in degrees clockwise. */

export interface Bounds {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** A place on the drawing from a place along the rectangle's own length and width, from its centre. */
export function at(rectangle: Rectangle, along: number, across: number): Point {
  const [ax, ay] = axis(rectangle.turn);
  return {
    x: rectangle.centre.x + along * ax - across * ay,
    y: rectangle.centre.y + along * ay + across * ax,
  };
}

/** Direction of a rectangle's length. */
export function axis(turn: number): [number, number] {
  const radians = (turn * Math.PI) / 180;
  return [exact(Math.cos(radians)), exact(-Math.sin(radians))];
}

function exact(value: number): number {
  const nearest = Math.round(value);
  return Math.abs(value - nearest) < 1e-12 ? nearest : value;
}

/** Counter-clockwise from the corner that was lower left before the turn. */
export function corners(rectangle: Rectangle, inset = 0): Point[] {
  const a = rectangle.length / 2 - inset;
  const b = rectangle.width / 2 - inset;
  return [at(rectangle, -a, -b), at(rectangle, a, -b), at(rectangle, a, b), at(rectangle, -a, b)];
}

export function boundsOf(points: readonly Point[]): Bounds {
  return {
    left: Math.min(...points.map((p) => p.x)),
    right: Math.max(...points.map((p) => p.x)),
    bottom: Math.min(...points.map((p) => p.y)),
    top: Math.max(...points.map((p) => p.y)),
  };
}

export function shifted(rectangle: Rectangle, dx: number, dy: number): Rectangle {
  return { ...rectangle, centre: { x: tidy(rectangle.centre.x + dx), y: tidy(rectangle.centre.y + dy) } };
}

export function turned(rectangle: Rectangle, degrees: number): Rectangle {
  return { ...rectangle, turn: (((rectangle.turn + degrees) % 360) + 360) % 360 };
}

/** Whole micrometres, as the program keeps them: arithmetic in doubles must leave neither 0.30000000000000004 nor -0. */
export function tidy(metres: number): number {
  return Math.round(metres * 1e6) / 1e6 + 0;
}

export type Edge = 0 | 1 | 2 | 3;

/** Another length or width with the opposite edge staying where it is; edges counter-clockwise from the bottom. */
export function stretched(rectangle: Rectangle, edge: Edge, size: number): Rectangle {
  const across = edge % 2 === 0;
  const grown = size - (across ? rectangle.width : rectangle.length);
  const outward = edge === 1 || edge === 2 ? grown / 2 : -grown / 2;
  const centre = across ? at(rectangle, 0, outward) : at(rectangle, outward, 0);
  const moved = { ...rectangle, centre: { x: tidy(centre.x), y: tidy(centre.y) } };
  return across ? { ...moved, width: tidy(size) } : { ...moved, length: tidy(size) };
}

/** The upright rectangle between two places. */
export function spanning(a: Point, b: Point): Rectangle {
  return {
    centre: { x: tidy((a.x + b.x) / 2), y: tidy((a.y + b.y) / 2) },
    length: tidy(Math.abs(a.x - b.x)),
    width: tidy(Math.abs(a.y - b.y)),
    turn: 0,
  };
}

export function overlaps(a: Bounds, b: Bounds): boolean {
  return a.left < b.right && b.left < a.right && a.bottom < b.top && b.bottom < a.top;
}

export function isSame(a: Rectangle, b: Rectangle): boolean {
  return (
    a.centre.x === b.centre.x &&
    a.centre.y === b.centre.y &&
    a.length === b.length &&
    a.width === b.width &&
    a.turn === b.turn
  );
}
