import type { Snag } from "../api/types";

/** The snags of each bed or other thing that has any, by its id. */
export function snagsByThing(snags: readonly Snag[]): ReadonlyMap<string, readonly Snag[]> {
  const found = new Map<string, Snag[]>();
  for (const snag of snags) {
    for (const id of new Set([...snag.beds, ...snag.things.map((thing) => thing.id)])) {
      found.set(id, [...(found.get(id) ?? []), snag]);
    }
  }
  return found;
}
