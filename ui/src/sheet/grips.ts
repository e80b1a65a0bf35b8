import type { Point, Rectangle } from "../api/types";
import { at, type Edge } from "./geometry";
import { toSheet, type View } from "./view";

/** Distance of the turning grip from the edge, pixels. */
const TURN_DISTANCE = 34;

export interface BoxGrips {
  turn: Point;
  /** Where the line to the turning grip begins. */
  top: Point;
  edges: readonly (readonly [Edge, Point])[];
}

/** Where the grips of a rectangle are on the sheet. */
export function boxGrips(outline: Rectangle, view: View): BoxGrips {
  const a = outline.length / 2;
  const b = outline.width / 2;
  const edge = (index: Edge, along: number, across: number) =>
    [index, toSheet(view, at(outline, along, across))] as const;
  return {
    turn: toSheet(view, at(outline, 0, b + TURN_DISTANCE / view.scale)),
    top: toSheet(view, at(outline, 0, b)),
    edges: [edge(0, 0, -b), edge(1, a, 0), edge(2, 0, b), edge(3, -a, 0)],
  };
}
