import { layerOf, type Layer } from "../sheet/layer";
import type { Barrel, Manifold, Tap, WaterRun } from "./water";
import { SourcesOfTheSeason } from "./SourcesOfTheSeason";
import { LinesInBeds } from "./LinesInBeds";
import { RunsOfTheSeason } from "./RunsOfTheSeason";
import { words } from "./words";

/** How far round a tap or barrel one takes hold of it, metres. */
const REACH = 0.1;

/** Runs of pipe. */
export const runLayer = layerOf<WaterRun>({
  step: "water",
  Draw: RunsOfTheSeason,
  items: (plan) => plan.waterRuns,
  kind: () => words.run,
  geometry: ({ places }) => ({ kind: "PLACES", places, closed: false }),
  reshaped: (run, geometry) => (geometry.kind === "PLACES" ? { ...run, places: [...geometry.places] } : run),
  put: (waterRun) => ({ kind: "PutWaterRun", waterRun }),
  remove: (waterRun) => ({ kind: "RemoveWaterRun", waterRun }),
});

/** What lies in the beds goes with them: it is not picked up by itself. */
export const linesLayer: Layer = {
  step: "water",
  Draw: LinesInBeds,
  things: () => [],
  inSeason: () => [],
  edit: () => null,
  copy: () => null,
  remove: () => null,
};

export const tapLayer = layerOf<Tap>({
  step: "water",
  Draw: SourcesOfTheSeason,
  items: (plan) => plan.taps,
  kind: () => words.tap,
  geometry: ({ place }) => ({ kind: "SPOT", place, radius: REACH }),
  reshaped: (tap, geometry) => (geometry.kind === "SPOT" ? { ...tap, place: geometry.place } : tap),
  lengths: (tap) => [{ label: words.height, metres: tap.height, with: (height) => ({ ...tap, height }) }],
  put: (tap) => ({ kind: "PutTap", tap }),
  remove: (tap) => ({ kind: "RemoveTap", tap }),
});

export const manifoldLayer = layerOf<Manifold>({
  step: "water",
  Draw: () => null,
  items: (plan) => plan.manifolds,
  kind: () => words.manifold,
  geometry: ({ place }) => ({ kind: "SPOT", place, radius: REACH }),
  reshaped: (manifold, geometry) =>
    geometry.kind === "SPOT" ? { ...manifold, place: geometry.place } : manifold,
  lengths: (manifold) => [
    { label: words.handles, metres: manifold.height, with: (height) => ({ ...manifold, height }) },
  ],
  put: (manifold) => ({ kind: "PutManifold", manifold }),
  remove: (manifold) => ({ kind: "RemoveManifold", manifold }),
});

export const barrelLayer = layerOf<Barrel>({
  step: "water",
  Draw: () => null,
  items: (plan) => plan.barrels,
  kind: () => words.barrel,
  geometry: ({ place }) => ({ kind: "SPOT", place, radius: REACH }),
  reshaped: (barrel, geometry) => (geometry.kind === "SPOT" ? { ...barrel, place: geometry.place } : barrel),
  lengths: (barrel) => [
    { label: words.outletHeight, metres: barrel.height, with: (height) => ({ ...barrel, height }) },
  ],
  put: (barrel) => ({ kind: "PutBarrel", barrel }),
  remove: (barrel) => ({ kind: "RemoveBarrel", barrel }),
});
