import type { components } from "../api/schema";
import type { Plan } from "../api/types";
import { seasonOfDay } from "../workspace/seasons";

export type YearsPlan = components["schemas"]["YearsPlan"];
type Planting = Plan["plantings"][number];

/** What grows in a bed in a season, in the order of the year. */
export function grownIn(
  plantings: readonly Planting[],
  bed: string,
  season: number,
  yearBegins: string | undefined,
): Planting[] {
  return plantings
    .filter((planting) => planting.bed === bed && seasonOfDay(planting.from, yearBegins) === season)
    .sort((a, b) => a.from.localeCompare(b.from) || a.part.from - b.part.from);
}

/** A colour for each family, the same on every page: told apart by its name as well. */
export function hueOf(family: string): string {
  let sum = 0;
  for (const letter of family) sum = (sum * 31 + letter.charCodeAt(0)) % 360;
  return `hsl(${String(sum)} 45% 88%)`;
}
