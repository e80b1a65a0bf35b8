import type { Point } from "../api/types";
import { boundsOf } from "./geometry";
import { closedPath } from "./path";

interface Props {
  /** Corners of each piece of ground. */
  ground: readonly (readonly Point[])[];
  beds: readonly (readonly Point[])[];
  label: string;
  /** Pixels. */
  width?: number;
  height?: number;
}

/** Size of the picture, pixels. */
const SIZE = 132;
const MARGIN = 3;

/** Beds on their ground as a small picture, for telling gardens and layouts apart. */
export function Picture({ ground, beds, label, width = SIZE, height = SIZE }: Props) {
  const { left, right, bottom, top } = boundsOf(ground.flat());
  const scale = Math.min(
    (width - 2 * MARGIN) / Math.max(right - left, 0.1),
    (height - 2 * MARGIN) / Math.max(top - bottom, 0.1),
  );
  const view = {
    scale,
    x: width / 2 - ((left + right) / 2) * scale,
    y: height / 2 + ((bottom + top) / 2) * scale,
  };
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="shrink-0 self-start">
      <path
        d={ground.map((piece) => closedPath(piece, view)).join("")}
        fill="var(--color-film)"
        stroke="var(--color-soft)"
      />
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
