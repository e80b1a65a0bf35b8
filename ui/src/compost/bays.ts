import type { components } from "../api/schema";
import type { Feature, Point } from "../api/types";
import { at, corners } from "../sheet/geometry";

export type CompostBays = components["schemas"]["CompostBays"];
export type CompostTold = components["schemas"]["CompostTold"];

/** Bays as they stand on the plot: what is drawn round them, and where ways begin. */
export function asFeature({ id, name, place, height, lifetime }: CompostBays): Feature {
  return {
    id,
    name,
    kind: "COMPOST",
    places: corners(place),
    margin: 0,
    height,
    lifetime,
  };
}

/** The walls between bays, each from the front to the back. */
export function walls({ place, bays }: CompostBays): [Point, Point][] {
  return Array.from({ length: bays - 1 }, (_, index) => {
    const along = ((index + 1) / bays - 0.5) * place.length;
    return [at(place, along, -place.width / 2), at(place, along, place.width / 2)];
  });
}
