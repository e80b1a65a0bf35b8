import type { Units } from "../api/types";
import { formatFood } from "../measure/food";
import { formatHeap } from "../measure/heaps";
import { words } from "./words";

/** What was picked: by weight, by volume, by pieces; empty for nothing. */
export function formatPicked(
  { kilograms = 0, litres = 0, pieces = 0 }: { kilograms?: number; litres?: number; pieces?: number },
  units: Units,
): string {
  return [
    ...(kilograms > 0 ? [formatFood(kilograms, units)] : []),
    ...(litres > 0 ? [formatHeap(litres, units)] : []),
    ...(pieces > 0 ? [words.piecesOf(pieces)] : []),
  ].join(", ");
}
