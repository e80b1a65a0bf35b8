import type { Feature, Plan, WayIn } from "../api/types";
import { formatDimension } from "../measure/lengths";
import { layerOf, type Ground } from "../sheet/layer";
import type { Geometry } from "../sheet/things";
import { lineOf } from "./gateLine";
import { featureLengths } from "./featureLengths";
import { FeaturesOfTheSeason } from "./Features";
import { WaysInOfTheSeason } from "./WaysIn";

/** House, trees, walls, taps and whatever else stands on the plot besides beds. */
export const featureLayer = layerOf<Feature>({
  step: "ground",
  Draw: FeaturesOfTheSeason,
  items: (plan) => plan.features,
  under: (feature) => !("breadth" in feature),
  kind: (feature, { catalogue }) => catalogue.features.find(({ kind }) => kind === feature.kind)?.label ?? "",
  geometry: geometryOf,
  reshaped: (feature, geometry) => ({ ...feature, places: placesIn(geometry) ?? feature.places }),
  put: (feature) => ({ kind: "PutFeature", feature }),
  lengths: (feature, ground) => featureLengths(feature, extentOf(feature, ground)),
  remove: (feature) => ({ kind: "RemoveFeature", feature }),
});

function extentOf({ kind }: Feature, { catalogue }: Pick<Ground, "catalogue">) {
  return catalogue.features.find((preset) => preset.kind === kind)?.extent ?? "AREA";
}

function geometryOf(feature: Feature, ground: Ground): Geometry {
  const extent = extentOf(feature, ground);
  const [first] = feature.places;
  if (extent === "SPOT" && first) {
    return { kind: "SPOT", place: first, radius: "breadth" in feature ? feature.breadth / 2 : 0 };
  }
  return { kind: "PLACES", places: feature.places, closed: extent === "AREA" };
}

function placesIn(geometry: Geometry) {
  if (geometry.kind === "PLACES") return [...geometry.places];
  return geometry.kind === "SPOT" ? [geometry.place] : null;
}

function openingOf(way: WayIn, plan: Plan): Geometry {
  const { place, width } = way;
  const line = lineOf(way, plan);
  return { kind: "OPENING", place, width, ...(line && { line }) };
}

/** Gates and openings: they slide along the edge of the plot, or along their fence. */
export const wayInLayer = layerOf<WayIn>({
  step: "reach",
  Draw: WaysInOfTheSeason,
  items: (plan) => plan.waysIn,
  kind: ({ swing }) => (swing === "OPEN" ? "opening" : "gate"),
  geometry: (way, { plan }) => openingOf(way, plan),
  reshaped: (way, geometry) =>
    geometry.kind === "OPENING" ? { ...way, place: geometry.place, width: geometry.width } : way,
  put: (wayIn) => ({ kind: "PutWayIn", wayIn }),
  lengths: (way) => [
    { label: "Width", metres: way.width, with: (width) => ({ ...way, width }) },
    { label: "Sill", metres: way.sill, with: (sill) => ({ ...way, sill }) },
  ],
  note: ({ width }, { units }) => formatDimension(width, units),
  remove: (wayIn) => ({ kind: "RemoveWayIn", wayIn }),
});
