import type { Lifetime } from "../api/types";

/** How many seasons the rail shows after the last in which something happens. */
const AHEAD = 2;

/** This year, or the garden's first season while that lies ahead. */
export function presentSeason(firstSeason: number | undefined, today = new Date()): number {
  return Math.max(today.getFullYear(), firstSeason ?? 0);
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
