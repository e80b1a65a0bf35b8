import type { Plan } from "../api/types";
import type { Capability } from "../capabilities";
import { barrelLayer, linesLayer, manifoldLayer, runLayer, tapLayer } from "./layers";
import { asFeature, bedLines, manifoldAsFeature, type BedLines } from "./water";
import { words } from "./words";

/** "dripline of Beans". */
function nameOf({ way, lines }: BedLines, { beds }: Plan): string {
  return words.linesOf(words.ways[way], beds.find(({ id }) => id === lines.bed)?.name);
}

/** Water at the desk. */
export const water: Capability = {
  standing: (plan) => [
    ...[...plan.taps, ...plan.barrels].map(asFeature),
    ...plan.manifolds.map(manifoldAsFeature),
  ],
  paid: () => [],
  named: (plan) => [
    ...plan.waterRuns,
    ...bedLines(plan).map((each) => ({ id: each.lines.id, name: nameOf(each, plan) })),
  ],
  layers: [runLayer, tapLayer, barrelLayer, manifoldLayer],
  onBeds: [linesLayer],
};
