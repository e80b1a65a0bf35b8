import type { ReactNode } from "react";
import { formatLength } from "../measure/lengths";
import type { Units } from "../api/types";

/** Room for the drawing and for what is written round it, pixels. */
const WIDE = 270;
const HIGH = 120;
const ROUND = { side: 66, top: 10, below: 22 };

/** Where something is drawn, pixels: its sides, its top and the ground. */
export interface Box {
  left: number;
  right: number;
  top: number;
  ground: number;
  /** Pixels to the metre. */
  scale: number;
}

interface Props {
  /** Metres. */
  width: number;
  height: number;
  units: Units;
  /** What is seen, by its measures. */
  label: (width: string, height: string) => string;
  testId: string;
  children: (box: Box) => ReactNode;
}

/** Something that stands on the ground seen from one side, to scale, with its width and its height. */
export function MeasuredView({ width, height, units, label, testId, children }: Props) {
  const scale = Math.min((WIDE - 2 * ROUND.side) / width, (HIGH - ROUND.top - ROUND.below) / height);
  const { top } = ROUND;
  const ground = top + height * scale;
  const left = (WIDE - width * scale) / 2;
  const right = left + width * scale;
  const measure = ground + 8;
  const aside = right + 10;
  const wide = formatLength(width, units);
  const high = formatLength(height, units);
  return (
    <svg
      viewBox={`0 0 ${String(WIDE)} ${String(ground + ROUND.below)}`}
      className="w-full max-w-[270px]"
      role="img"
      aria-label={label(wide, high)}
      data-testid={testId}
    >
      <line x1={8} x2={WIDE - 8} y1={ground} y2={ground} stroke="var(--color-soft)" strokeWidth="1" />
      {children({ left, right, top, ground, scale })}
      <g stroke="var(--color-soft)" strokeWidth="0.8">
        <line x1={aside} x2={aside} y1={top} y2={ground} />
        {[top, ground].map((y) => (
          <line key={y} x1={aside - 3} x2={aside + 3} y1={y} y2={y} />
        ))}
        <line x1={left} x2={right} y1={measure} y2={measure} />
        {[left, right].map((x) => (
          <line key={x} x1={x} x2={x} y1={measure - 3} y2={measure + 3} />
        ))}
      </g>
      <g className="figures" fontSize="11" fill="var(--color-ink)">
        <text x={aside + 5} y={(top + ground) / 2 + 4}>
          {high}
        </text>
        <text x={WIDE / 2} y={measure + 13} textAnchor="middle">
          {wide}
        </text>
      </g>
    </svg>
  );
}
