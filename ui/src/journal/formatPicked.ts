import type { Units } from "../api/types";
import { formatFood } from "../measure/food";
import { words } from "./words";

/** What was picked: by weight, by pieces, or both; empty for nothing. */
export function formatPicked(
  { kilograms = 0, pieces = 0 }: { kilograms?: number; pieces?: number },
  units: Units,
): string {
  return [
    ...(kilograms > 0 ? [formatFood(kilograms, units)] : []),
    ...(pieces > 0 ? [words.piecesOf(pieces)] : []),
  ].join(", ");
}
