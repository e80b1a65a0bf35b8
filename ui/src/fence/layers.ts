import { layerOf } from "../sheet/layer";
import { bent, type Fence } from "./fence";
import { FencesOfTheSeason } from "./FencesOfTheSeason";
import { words } from "./words";

/** Fences: lines with a corner wherever they bend. */
export const fenceLayer = layerOf<Fence>({
  step: "fence",
  Draw: FencesOfTheSeason,
  items: (plan) => plan.fences,
  kind: () => words.fence,
  geometry: ({ places }) => ({ kind: "PLACES", places, closed: false }),
  reshaped: (fence, geometry) =>
    geometry.kind === "PLACES" ? { ...fence, places: bent(fence.places, geometry.places) } : fence,
  lengths: (fence) => [
    { label: words.height, metres: fence.height, with: (height) => ({ ...fence, height }) },
  ],
  put: (fence) => ({ kind: "PutFence", fence }),
  remove: (fence) => ({ kind: "RemoveFence", fence }),
});
