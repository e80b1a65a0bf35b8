import type { Bed } from "../api/types";

/** How a bed is built in a season; undefined before it is there. */
export function revisionIn(bed: Bed, season: number) {
  return bed.revisions.filter((revision) => revision.from <= season).at(-1);
}
