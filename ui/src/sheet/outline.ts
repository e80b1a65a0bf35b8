import type { Form, Point, Rectangle } from "../api/types";
import { at, axis, tidy } from "./geometry";

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
