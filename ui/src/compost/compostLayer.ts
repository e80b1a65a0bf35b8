import { layerOf } from "../sheet/layer";
import type { CompostBays } from "./bays";
import { CompostLayer } from "./CompostLayer";

/** Compost bays: a rectangle like a bed. */
export const compostLayer = layerOf<CompostBays>({
  step: "sun",
  Draw: CompostLayer,
  items: (plan) => plan.compost,
  kind: () => "compost bays",
  geometry: ({ place }) => ({ kind: "BOX", outline: place, corners: null }),
  reshaped: (bays, geometry) => (geometry.kind === "BOX" ? { ...bays, place: geometry.outline } : bays),
  lengths: (bays) => [{ label: "Filled to", metres: bays.height, with: (height) => ({ ...bays, height }) }],
  put: (compostBays) => ({ kind: "PutCompostBays", compostBays }),
  remove: (compostBays) => ({ kind: "RemoveCompostBays", compostBays }),
});
