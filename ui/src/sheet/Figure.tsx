import type { Point } from "../api/types";
import { toSheet, type View } from "./view";

/** A figure on a filled ground, so that it can be read over whatever is drawn there. */
export function Figure({ view, at, text }: { view: View; at: Point; text: string }) {
  const place = toSheet(view, at);
  const width = text.length * 8.2 + 12;
  return (
    <g pointerEvents="none">
      <rect x={place.x - width / 2} y={place.y - 11} width={width} height="22" fill="var(--color-mark)" />
      <text x={place.x} y={place.y + 5} textAnchor="middle" fontSize="13" fill="white" className="figures">
        {text}
      </text>
    </g>
  );
}
