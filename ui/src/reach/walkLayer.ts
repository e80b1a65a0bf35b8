import type { Walk } from "../api/types";
import { layerOf } from "../sheet/layer";
import { WalksOfTheSeason } from "./WalkAreas";

/** Areas of walk; everything else stands on them. */
export const walkLayer = layerOf<Walk>({
  step: "reach",
  Draw: WalksOfTheSeason,
  items: (plan) => plan.walks,
  under: () => true,
  kind: ({ grade }) => (grade === "MAIN" ? "main walk" : "work walk"),
  geometry: ({ corners }) => ({ kind: "PLACES", places: corners, closed: true }),
  reshaped: (walk, geometry) =>
    geometry.kind === "PLACES" ? { ...walk, corners: [...geometry.places] } : walk,
  put: (walk) => ({ kind: "PutWalk", walk }),
  remove: (walk) => ({ kind: "RemoveWalk", walk }),
});
