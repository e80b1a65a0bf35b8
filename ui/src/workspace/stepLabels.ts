import type { Snag } from "../api/types";
import type { TradeStep } from "./desk";

/** What the steps of the order of work are called. */
export const STEP_LABELS: Record<TradeStep, string> = {
  ground: "Ground",
  beds: "Beds",
  reach: "Walks & reach",
  frames: "Frames",
  fill: "Fill",
  water: "Water",
  fence: "Fence",
  sun: "Sun & structures",
  crops: "Crops",
  purse: "Purse",
};

/** The step at which snags are put right that the program counts to it. */
export const STEP_OF: Record<Snag["step"], TradeStep> = {
  GROUND: "ground",
  BEDS: "beds",
  REACH: "reach",
  FRAMES: "frames",
  FILL: "fill",
  WATER: "water",
  FENCE: "fence",
  SUN: "sun",
  CROPS: "crops",
  PURSE: "purse",
};

/** As the program counts them, in the order of the work. */
export const STEPS = Object.keys(STEP_OF) as Snag["step"][];

export function stepLabel(step: Snag["step"]): string {
  return STEP_LABELS[STEP_OF[step]];
}
