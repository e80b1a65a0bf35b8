import { layerOf } from "../sheet/layer";
import type { Trellis } from "./trellises";
import { TrellisesOnTheSheet } from "./TrellisesOnTheSheet";
import { words } from "./words";

/** Trellises: lines in or beside beds. */
export const trellisLayer = layerOf<Trellis>({
  step: "sun",
  Draw: TrellisesOnTheSheet,
  items: (plan) => plan.trellises,
  kind: () => words.kind,
  geometry: ({ places }) => ({ kind: "PLACES", places, closed: false }),
  reshaped: (trellis, geometry) =>
    geometry.kind === "PLACES" ? { ...trellis, places: [...geometry.places] } : trellis,
  lengths: (trellis) => [
    { label: words.height, metres: trellis.height, with: (height) => ({ ...trellis, height }) },
  ],
  put: (trellis) => ({ kind: "PutTrellis", trellis }),
  remove: (trellis) => ({ kind: "RemoveTrellis", trellis }),
});
