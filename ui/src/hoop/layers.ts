import type { Layer } from "../sheet/layer";
import { HoopsOnTheSheet } from "./HoopsOnTheSheet";

/** Bows over beds: they go with their beds, and nothing of them can be picked up. */
export const hoopLayer: Layer = {
  step: "sun",
  things: () => [],
  Draw: HoopsOnTheSheet,
  inSeason: () => [],
  edit: () => null,
  copy: () => null,
  remove: () => null,
};
