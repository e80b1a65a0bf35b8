import type { Layer } from "../sheet/layer";
import { CoversOnTheSheet } from "./CoversOnTheSheet";

/** Covers on beds: they go with their beds, and nothing of them can be picked up. */
export const coverLayer: Layer = {
  step: "sun",
  things: () => [],
  Draw: CoversOnTheSheet,
  inSeason: () => [],
  edit: () => null,
  copy: () => null,
  remove: () => null,
};
