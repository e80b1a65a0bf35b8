import { layerOf } from "../sheet/layer";
import type { Furniture } from "./furniture";
import { FurnitureOnTheSheet } from "./FurnitureOnTheSheet";

/** Furniture: a rectangle like a bed. */
export const furnitureLayer = layerOf<Furniture>({
  step: "sun",
  Draw: FurnitureOnTheSheet,
  items: (plan) => plan.furniture,
  kind: () => "furniture",
  geometry: ({ place }) => ({ kind: "BOX", outline: place, corners: null }),
  reshaped: (thing, geometry) => (geometry.kind === "BOX" ? { ...thing, place: geometry.outline } : thing),
  lengths: (thing) => [
    { label: "Its height", metres: thing.height, with: (height) => ({ ...thing, height }) },
  ],
  put: (furniture) => ({ kind: "PutFurniture", furniture }),
  remove: (furniture) => ({ kind: "RemoveFurniture", furniture }),
});
