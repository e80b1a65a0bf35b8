import type { components } from "../api/schema";
import type { Change, Plan } from "../api/types";
import { dayOfHalf } from "../measure/halfMonths";
import { seasonOf } from "../workspace/seasons";

export type YearsPlan = components["schemas"]["YearsPlan"];
type Planting = Plan["plantings"][number];
type CropView = components["schemas"]["CropView"];

/** So many seasons before the garden's first one can be noted: the longest wait of a family. */
export const BEFORE = 3;

const JANUARY = "--01-01";

/** The season of a day that is written as in ISO 8601. */
export function seasonOfDay(day: string, yearBegins: string | undefined): number {
  return seasonOf(new Date(`${day}T00:00`), yearBegins);
}

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

/** From the fourth month to the ninth of a season. */
const GREW = { from: 8, until: 17 };

/** The edit that notes what grew before the program came: in all of a bed, for a summer. */
export function noted(view: CropView, bed: string, season: number, yearBegins = JANUARY): Change {
  return {
    kind: "PutPlanting",
    planting: {
      id: crypto.randomUUID(),
      name: view.crop.name,
      crop: view.crop.key,
      bed,
      part: { from: 0, to: 1, low: 0, high: 1 },
      layout: "ROWS_ALONG",
      raising: view.raisings[0] ?? "SOWN",
      interplanted: false,
      from: dayOfHalf(season, yearBegins, GREW.from),
      until: dayOfHalf(season, yearBegins, GREW.until),
    },
  };
}

/** A colour for each family, the same on every page: told apart by its name as well. */
export function hueOf(family: string): string {
  let sum = 0;
  for (const letter of family) sum = (sum * 31 + letter.charCodeAt(0)) % 360;
  return `hsl(${String(sum)} 45% 88%)`;
}
