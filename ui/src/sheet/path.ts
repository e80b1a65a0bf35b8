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

/** A circle round a place on the sheet, pixels. */
export function circlePath({ x, y }: Point, radius: number): string {
  const r = radius.toFixed(1);
  const across = (2 * radius).toFixed(1);
  return `M${(x - radius).toFixed(1)} ${y.toFixed(1)}a${r} ${r} 0 1 0 ${across} 0a${r} ${r} 0 1 0 -${across} 0Z`;
}

/** A band along each piece of a line through places on the ground, so many pixels wide. */
export function bandPath(points: readonly Point[], view: View, wide: number): string {
  const places = points.map((point) => toSheet(view, point));
  return places
    .slice(1)
    .map((to, index) => {
      const from = places[index] ?? to;
      const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
      const x = (-(to.y - from.y) / length) * (wide / 2);
      const y = ((to.x - from.x) / length) * (wide / 2);
      const corners = [
        [from.x + x, from.y + y],
        [to.x + x, to.y + y],
        [to.x - x, to.y - y],
        [from.x - x, from.y - y],
      ];
      return `M${corners.map((corner) => corner.map((value) => value.toFixed(1)).join(" ")).join("L")}Z`;
    })
    .join("");
}
