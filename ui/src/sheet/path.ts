import type { Point } from "../api/types";
import { toSheet, type View } from "./view";

/** An open SVG path through places on the ground. */
export function openPath(points: readonly Point[], view: View): string {
  const places = points.map((point) => toSheet(view, point));
  return `M${places.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L")}`;
}

/** A closed SVG path through places on the ground. */
export function closedPath(points: readonly Point[], view: View): string {
  const places = points.map((point) => toSheet(view, point));
  return `M${places.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L")}Z`;
}
