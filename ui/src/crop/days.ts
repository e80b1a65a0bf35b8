const DAY = 24 * 3600 * 1000;

function time(day: string): number {
  return Date.parse(`${day}T00:00:00Z`);
}

/** The day so many days after another; days are written as in ISO 8601. */
export function daysAfter(day: string, days: number): string {
  return new Date(time(day) + days * DAY).toISOString().slice(0, 10);
}

/** From one day to another; below zero if the other comes first. */
export function daysBetween(from: string, until: string): number {
  return Math.round((time(until) - time(from)) / DAY);
}
