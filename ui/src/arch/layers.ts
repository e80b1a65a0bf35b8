import { layerOf } from "../sheet/layer";
import type { Arch } from "./arches";
import { ArchesOnTheSheet } from "./ArchesOnTheSheet";
import { words } from "./words";

/** Arches: a line from foot to foot. */
export const archLayer = layerOf<Arch>({
  step: "sun",
  Draw: ArchesOnTheSheet,
  items: (plan) => plan.arches,
  kind: () => words.kind,
  geometry: ({ from, to }) => ({ kind: "PLACES", places: [from, to], closed: false }),
  reshaped: (arch, geometry) => {
    const from = geometry.kind === "PLACES" ? geometry.places[0] : undefined;
    const to = geometry.kind === "PLACES" ? geometry.places.at(-1) : undefined;
    return from && to ? { ...arch, from, to } : arch;
  },
  lengths: (arch) => [{ label: words.panel, metres: arch.panel, with: (panel) => ({ ...arch, panel }) }],
  put: (arch) => ({ kind: "PutArch", arch }),
  remove: (arch) => ({ kind: "RemoveArch", arch }),
});
