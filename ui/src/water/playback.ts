import type { WatchedRun } from "./water";

/** A season of runs as it is played back: what is seen at a minute of a day. */
export interface Seen {
  /** Every run of the day. */
  today: readonly WatchedRun[];
  /** Zones whose valve is open at the minute. */
  open: readonly number[];
  /** What the meters have counted since the first day, litres; what nothing was heard of is not in it. */
  counted: number;
}

const DAY = 24 * 60;

/** The days on which something was to run, in their order. */
export function daysOf(runs: readonly WatchedRun[]): string[] {
  return [...new Set(runs.map(({ date }) => date))].sort();
}

/** @param minute after midnight; the whole day has passed at 1440 */
export function seenAt(runs: readonly WatchedRun[], date: string, minute: number): Seen {
  const today = runs.filter((run) => run.date === date);
  const before = runs.filter((run) => run.date < date).reduce((sum, { counted }) => sum + (counted ?? 0), 0);
  const share = ({ start, minutes }: WatchedRun) =>
    minutes === 0 ? 0 : Math.min(1, Math.max(0, (minute - start) / minutes));
  return {
    today,
    open: today
      .filter(({ start, minutes }) => minutes > 0 && start <= minute && minute < start + minutes)
      .map(({ zone }) => zone),
    counted: today.reduce((sum, run) => sum + (run.counted ?? 0) * share(run), before),
  };
}

/** A little later: five minutes of a day, or the next day; null at the end. */
export function later(
  at: { day: number; minute: number },
  pace: "day" | "season",
  days: number,
): { day: number; minute: number } | null {
  if (pace === "day") return at.minute >= DAY ? null : { ...at, minute: Math.min(DAY, at.minute + 5) };
  return at.day + 1 >= days ? null : { day: at.day + 1, minute: DAY };
}
