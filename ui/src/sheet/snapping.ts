import type { Bounds } from "./geometry";

/*
 * What a moving bed is drawn to. Every kind of snapping is one function of one signature: the bounds where the pointer has them and
 * what stands around, in metres, to the shift that snaps them, per axis, or nothing.
 */

export interface Surroundings {
  others: readonly Bounds[];
  plot: Bounds;
  /** Grid step, metres. */
  step: number;
  /** How near is near, metres; depends on the zoom. */
  tolerance: number;
}

export interface Snap {
  /** Shift to be added, metres. */
  shift: number;
  /** Where a guide line is drawn: a coordinate on the axis. */
  guide: number;
}

type Axis = "x" | "y";
type Snapper = (moving: Bounds, around: Surroundings, axis: Axis) => Snap | null;

interface Span {
  low: number;
  high: number;
}

function span(bounds: Bounds, axis: Axis): Span {
  return axis === "x" ? { low: bounds.left, high: bounds.right } : { low: bounds.bottom, high: bounds.top };
}

const across = (axis: Axis): Axis => (axis === "x" ? "y" : "x");

function faces(a: Bounds, b: Bounds, axis: Axis): boolean {
  const one = span(a, across(axis));
  const other = span(b, across(axis));
  return one.low < other.high && other.low < one.high;
}

function nearest(candidates: readonly Snap[], tolerance: number): Snap | null {
  let best: Snap | null = null;
  for (const candidate of candidates) {
    const nearer = best === null || Math.abs(candidate.shift) < Math.abs(best.shift);
    if (Math.abs(candidate.shift) <= tolerance && nearer) best = candidate;
  }
  return best;
}

/** In line with an edge or the middle of another bed, or on the plot's edge. */
export const snapToEdges: Snapper = (moving, around, axis) => {
  const own = span(moving, axis);
  const candidates: Snap[] = [];
  for (const other of [...around.others, around.plot]) {
    const { low, high } = span(other, axis);
    for (const line of [low, high]) {
      candidates.push({ shift: line - own.low, guide: line }, { shift: line - own.high, guide: line });
    }
    const middle = (low + high) / 2;
    candidates.push({ shift: middle - (own.low + own.high) / 2, guide: middle });
  }
  return nearest(candidates, around.tolerance);
};

/** As far from one neighbour as from the other, or as far as two neighbours are from each other. */
export const snapToEqualGaps: Snapper = (moving, around, axis) => {
  const own = span(moving, axis);
  const row = around.others.filter((other) => faces(moving, other, axis)).map((other) => span(other, axis));
  const below = row
    .filter((other) => other.high <= own.low + around.tolerance)
    .sort((a, b) => b.high - a.high);
  const above = row.filter((other) => other.low >= own.high - around.tolerance).sort((a, b) => a.low - b.low);
  const candidates: Snap[] = [];
  const [lower, lowest] = below;
  const [upper, uppermost] = above;
  if (lower && upper) {
    const gap = (upper.low - lower.high - (own.high - own.low)) / 2;
    candidates.push({ shift: lower.high + gap - own.low, guide: lower.high + gap });
  }
  if (lower && lowest) {
    const gap = lower.low - lowest.high;
    candidates.push({ shift: lower.high + gap - own.low, guide: lower.high + gap });
  }
  if (upper && uppermost) {
    const gap = uppermost.low - upper.high;
    candidates.push({ shift: upper.low - gap - own.high, guide: upper.low - gap });
  }
  return nearest(candidates, around.tolerance);
};

/** The lower edge on the grid, counted from the plot's own lower left corner. */
export const snapToGrid: Snapper = (moving, around, axis) => {
  const own = span(moving, axis).low;
  const origin = span(around.plot, axis).low;
  const line = origin + Math.round((own - origin) / around.step) * around.step;
  return { shift: line - own, guide: line };
};

export interface Snapped {
  dx: number;
  dy: number;
  /** Guide lines to be drawn; the grid draws none. */
  guides: { axis: Axis; at: number }[];
}

/** Edges first, then equal gaps, then the grid; each axis by itself. */
export function snap(moving: Bounds, around: Surroundings): Snapped {
  const result: Snapped = { dx: 0, dy: 0, guides: [] };
  for (const axis of ["x", "y"] as const) {
    const shown = snapToEdges(moving, around, axis) ?? snapToEqualGaps(moving, around, axis);
    const taken = shown ?? snapToGrid(moving, around, axis);
    if (taken) result[axis === "x" ? "dx" : "dy"] = taken.shift;
    if (shown) result.guides.push({ axis, at: shown.guide });
  }
  return result;
}

/** A size on the grid, at least one step. */
export function snapSize(size: number, step: number): number {
  return Math.max(step, Math.round(size / step) * step);
}
