import type { Units } from "../api/types";
import { METRES_PER_INCH } from "../measure/lengths";

/** Snap steps to choose from, metres. */
export function snapSteps(units: Units): number[] {
  return units === "METRIC"
    ? [0.01, 0.05, 0.1, 0.25, 0.5]
    : [0.25, 1, 3, 6, 12].map((inches) => Math.round(inches * METRES_PER_INCH * 1e6) / 1e6);
}

export function defaultStep(units: Units): number {
  return units === "METRIC" ? 0.05 : 0.0762;
}
