import type { Point } from "../api/types";
import type { Bounds } from "./geometry";
import { closedPath } from "./path";

interface Props {
  bounds: Bounds;
  beds: readonly (readonly Point[])[];
  label: string;
}

/** Size of the picture, pixels. */
const SIZE = 132;
const MARGIN = 3;

/** Beds as a small picture, for holding layouts side by side. */
export function Picture({ bounds, beds, label }: Props) {
  const scale = (SIZE - 2 * MARGIN) / Math.max(bounds.right - bounds.left, bounds.top - bounds.bottom, 0.1);
  const view = { scale, x: MARGIN - bounds.left * scale, y: SIZE - MARGIN + bounds.bottom * scale };
  const outline = [
    { x: bounds.left, y: bounds.bottom },
    { x: bounds.right, y: bounds.bottom },
    { x: bounds.right, y: bounds.top },
    { x: bounds.left, y: bounds.top },
  ];
  return (
    <svg width={SIZE} height={SIZE} role="img" aria-label={label} className="shrink-0 self-start">
      <path d={closedPath(outline, view)} fill="var(--color-film)" stroke="var(--color-rule)" />
      {beds.map((bed, index) => (
        <path
          key={index}
          d={closedPath(bed, view)}
          fill="var(--color-timber)"
          stroke="var(--color-ink)"
          strokeWidth="0.8"
        />
      ))}
    </svg>
  );
}
