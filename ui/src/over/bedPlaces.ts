import type { components } from "../api/schema";

export type BedPlace = components["schemas"]["BedPlace"];

/** Over more beds, in every season. */
export function alsoOver(places: readonly BedPlace[], beds: readonly string[]): BedPlace[] {
  return [...places, ...beds.map((bed) => ({ bed, lifetime: {} }))];
}
