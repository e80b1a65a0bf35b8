import type { Layer } from "../sheet/layer";
import { SunOnTheSheet } from "./SunOnTheSheet";

/** Light and shadow: nothing of it can be picked up. */
export const sunLayer: Layer = {
  step: "sun",
  things: () => [],
  Draw: SunOnTheSheet,
  inSeason: () => [],
  edit: () => null,
  copy: () => null,
  remove: () => null,
};
