import type { Plan } from "../api/types";

/** How many seasons the rail shows after the last in which something happens. */
const AHEAD = 2;

/** This year, or the garden's first season while that lies ahead. */
export function presentSeason(firstSeason: number | undefined, today = new Date()): number {
  return Math.max(today.getFullYear(), firstSeason ?? 0);
}

/**
 * From the garden's first season, or from that of a bed that stood before, to a little beyond the last in which something is
 * built or ends.
 */
export function railSeasons(plan: Plan, present: number, shown: number): number[] {
  const busy = plan.beds.flatMap((bed) => [
    ...bed.revisions.map((revision) => revision.from),
    ...(bed.retired === undefined ? [] : [bed.retired]),
  ]);
  const last = Math.max(present, shown, plan.firstSeason, ...busy) + AHEAD;
  const first = Math.min(plan.firstSeason, ...busy);
  return Array.from({ length: last - first + 1 }, (_, index) => first + index);
}
