import type { Lifetime } from "../api/types";

const NEW_YEAR = "--01-01";

/** How many seasons the rail shows after the last in which something happens. */
const AHEAD = 2;

/** The present season, or the garden's first one while that lies ahead. */
export function presentSeason(
  firstSeason: number | undefined,
  yearBegins?: string,
  today = new Date(),
): number {
  return Math.max(seasonOf(today, yearBegins), firstSeason ?? 0);
}

/**
 * The season of a day; it has the name of the calendar year in which it begins.
 *
 * @param yearBegins as --07-01 for 1 July
 */
export function seasonOf(day: Date, yearBegins = NEW_YEAR): number {
  const year = day.getFullYear();
  const [month = 1, date = 1] = yearBegins.slice(2).split("-").map(Number);
  return day < new Date(year, month - 1, date) ? year - 1 : year;
}

/** The season of a day that is written as in ISO 8601. */
export function seasonOfDay(day: string, yearBegins: string | undefined): number {
  return seasonOf(new Date(`${day}T00:00`), yearBegins);
}

/** "2027", or "2027/28" where it runs over the turn of the calendar year. */
export function seasonName(season: number, yearBegins: string): string {
  return yearBegins === NEW_YEAR
    ? String(season)
    : `${String(season)}/${String((season + 1) % 100).padStart(2, "0")}`;
}

/**
 * From the first season in which something happens to a little beyond the last one.
 *
 * @param busy seasons in which something is built, ends or is paid for
 */
export function railSeasons(busy: readonly number[], present: number, shown: number): number[] {
  const last = Math.max(present, shown, ...busy) + AHEAD;
  const first = Math.min(present, ...busy);
  return Array.from({ length: last - first + 1 }, (_, index) => first + index);
}

/** Whether something is there in a season. */
export function isThere({ from = -Infinity, until = Infinity }: Lifetime, season: number): boolean {
  return from <= season && season < until;
}
