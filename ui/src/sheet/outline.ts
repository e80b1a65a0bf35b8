import type { Form, Point, Rectangle } from "../api/types";
import { at, axis, boundsOf, shifted, tidy } from "./geometry";

/** Corners that were judged within one rectangle, drawn within another: while something is dragged the drawing runs ahead. */
export function fitted(corners: readonly Point[], judged: Rectangle, drawn: Rectangle): Point[] {
  const [ax, ay] = axis(judged.turn);
  const along = drawn.length / judged.length;
  const across = drawn.width / judged.width;
  return corners.map(({ x, y }) => {
    const dx = x - judged.centre.x;
    const dy = y - judged.centre.y;
    return at(drawn, (dx * ax + dy * ay) * along, (dy * ax - dx * ay) * across);
  });
}

/** Free corners of a bed, from the lower left of its rectangle as the program keeps them, on the drawing. */
export function onDrawing(places: readonly Point[], outline: Rectangle): Point[] {
  return places.map(({ x, y }) => at(outline, x - outline.length / 2, y - outline.width / 2));
}

/** A place on the drawing, measured from the lower left of a bed's rectangle along its sides. */
export function fromLowerLeft(place: Point, outline: Rectangle): Point {
  const [ax, ay] = axis(outline.turn);
  const dx = place.x - outline.centre.x;
  const dy = place.y - outline.centre.y;
  return { x: tidy(dx * ax + dy * ay + outline.length / 2), y: tidy(dy * ax - dx * ay + outline.width / 2) };
}

/** Free corners that may have left their rectangle, and the rectangle that fits them now; on the ground they stay put. */
export function refitted(
  places: readonly Point[],
  outline: Rectangle,
): { places: Point[]; outline: Rectangle } {
  const { left, right, bottom, top } = boundsOf(places);
  const middle = at(outline, (left + right - outline.length) / 2, (bottom + top - outline.width) / 2);
  const moved = shifted(outline, middle.x - outline.centre.x, middle.y - outline.centre.y);
  return {
    places: places.map(({ x, y }) => ({ x: tidy(x - left), y: tidy(y - bottom) })),
    outline: { ...moved, length: tidy(right - left), width: tidy(top - bottom) },
  };
}

/** A form of this kind to begin with, for a bed of this size. */
export function startingForm(kind: Form["kind"], length: number, width: number): Form {
  const arm = tidy(Math.max(0.15, Math.min(0.6, length / 3, width / 3)));
  switch (kind) {
    case "ELL":
      return { kind, along: arm, across: arm, right: false };
    case "COMB": {
      const fingers = Math.max(2, Math.floor((length + 0.9) / (arm + 0.9)));
      return { kind, fingers, spine: arm, finger: tidy(Math.min(arm, (length * 0.8) / fingers)) };
    }
    case "OCTAGON":
      // The share of a side that makes an octagon in a square regular: 1 / (2 + √2).
      return { kind, corner: tidy(Math.max(0.01, Math.min(length, width) / (2 + Math.SQRT2))) };
    case "FREE":
      return {
        kind,
        places: [
          { x: 0, y: 0 },
          { x: length, y: 0 },
          { x: length, y: tidy(width / 2) },
          { x: tidy(length / 2), y: width },
          { x: 0, y: width },
        ],
      };
    case "RECTANGLE":
      return { kind };
  }
}
