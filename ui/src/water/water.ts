import type { components } from "../api/schema";
import type { Feature, Lifetime, Plan } from "../api/types";

type Schemas = components["schemas"];

export type Tap = Schemas["Tap"];
export type Barrel = Schemas["Barrel"];
export type Gear = Schemas["Gear"];
export type Manifold = Schemas["Manifold"];
export type WaterRun = Schemas["WaterRun"];
export type Dripline = Schemas["Dripline"];
export type Soaker = Schemas["Soaker"];
export type Sprinklers = Schemas["Sprinklers"];
export type PipeRolls = Schemas["PipeRolls"];
export type Roll = Schemas["Roll"];
export type Spray = Schemas["Spray"];
export type Zone = Schemas["Zone"];
export type ZoneMinutes = Schemas["ZoneMinutes"];
export type BedWater = Schemas["BedWater"];
export type Roof = Schemas["Roof"];
export type Haul = Schemas["Haul"];
export type Pump = Schemas["Pump"];
export type BarrelYear = Schemas["BarrelYear"];
export type BadDay = Schemas["BadDay"];
export type BedNeed = Schemas["BedNeed"];
export type HandWatering = Schemas["HandWatering"];
export type Weekly = Schemas["Weekly"];
export type Setting = Schemas["Setting"];
export type PressureLoss = Schemas["PressureLoss"];
export type WatchedRun = Schemas["WatchedRun"];
export type FaultAt = Schemas["FaultAt"];
export type WateringChoice = Schemas["WateringChoice"];
export type WateringWindow = Schemas["WateringWindow"];
export type Climate = Schemas["Climate"];
export type Way = Schemas["WateredBeds"]["way"];

/** What lies in a bed, of any kind. */
export type BedLines =
  | { way: "DRIPLINE" | "PLANT_DRIPPERS"; lines: Dripline }
  | { way: "DRILLED_HOSE"; lines: Soaker }
  | { way: "SPRINKLERS"; lines: Sprinklers };

/** The ways of watering a bed that can be laid, in the order in which they are offered. */
export const WAYS: readonly Way[] = ["DRIPLINE", "PLANT_DRIPPERS", "DRILLED_HOSE", "SPRINKLERS"];

/** What waters beds, whatever the season. */
export function bedLines({ driplines, soakers, sprinklers }: Plan): BedLines[] {
  return [
    ...driplines.map((lines): BedLines => ({ way: lines.pushedIn ? "PLANT_DRIPPERS" : "DRIPLINE", lines })),
    ...soakers.map((lines): BedLines => ({ way: "DRILLED_HOSE", lines })),
    ...sprinklers.map((lines): BedLines => ({ way: "SPRINKLERS", lines })),
  ];
}

/** Whatever may feed a run or the lines of a bed. */
export function feeding({ taps, barrels, waterRuns, manifolds }: Plan): { id: string; name: string }[] {
  return [...taps, ...barrels, ...waterRuns, ...manifolds];
}

interface Source {
  id: string;
  name: string;
  place: Tap["place"];
  height: number;
  lifetime: Lifetime;
}

/** A source as it stands on the plot: ways begin at it, and it has to be come to. */
export function asFeature(source: Source): Feature {
  return standing(source, "TAP");
}

/** A manifold as it stands on the plot: it has to be come to. */
export function manifoldAsFeature(
  manifold: Pick<Manifold, "id" | "name" | "place" | "height" | "lifetime">,
): Feature {
  return standing(manifold, "VALVE");
}

function standing(
  { id, name, place, height, lifetime }: Pick<Source, "id" | "name" | "place" | "height" | "lifetime">,
  kind: "TAP" | "VALVE",
): Feature {
  return {
    id,
    name,
    kind,
    places: [place],
    breadth: 0,
    margin: 0,
    height,
    bareInWinter: false,
    lookout: false,
    lifetime,
  };
}

/** The bed in which a zone has its outlet with the least pressure. */
export function weakestOf({ beds }: Zone): BedWater {
  return beds.reduce((weakest, bed) => (bed.least < weakest.least ? bed : weakest));
}
