import type { Layer } from "../sheet/layer";
import { CropsOnTheSheet } from "./CropsOnTheSheet";

/** Crops in their beds: they go with them, and nothing of them can be picked up. */
export const cropLayer: Layer = {
  step: "crops",
  things: () => [],
  Draw: CropsOnTheSheet,
  inSeason: () => [],
  edit: () => null,
  copy: () => null,
  remove: () => null,
};
