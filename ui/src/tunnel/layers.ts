import { layerOf, type Layer } from "../sheet/layer";
import { BowsOnTheSheet } from "./BowsOnTheSheet";
import type { WalkInTunnel } from "./tunnels";
import { TunnelsOnTheSheet } from "./TunnelsOnTheSheet";
import { words } from "./words";

/** Tunnels: rectangles below the beds that stand in them. */
export const tunnelLayer = layerOf<WalkInTunnel>({
  step: "sun",
  under: () => true,
  Draw: TunnelsOnTheSheet,
  items: (plan) => plan.tunnels,
  kind: () => words.kind,
  geometry: ({ place }) => ({ kind: "BOX", outline: place, corners: null }),
  reshaped: (tunnel, geometry) => (geometry.kind === "BOX" ? { ...tunnel, place: geometry.outline } : tunnel),
  lengths: (tunnel) => [{ label: words.rise, metres: tunnel.rise, with: (rise) => ({ ...tunnel, rise }) }],
  put: (tunnel) => ({ kind: "PutTunnel", tunnel }),
  remove: (tunnel) => ({ kind: "RemoveTunnel", tunnel }),
});

/** Their bows over the beds: nothing of them can be picked up. */
export const bowLayer: Layer = {
  step: "sun",
  things: () => [],
  Draw: BowsOnTheSheet,
  inSeason: () => [],
  edit: () => null,
  copy: () => null,
  remove: () => null,
};
