const DAY = 24 * 3600 * 1000;
/** Longer ago than this a date says more than a number of days. */
const MOST_DAYS = 13;

const RELATIVE = new Intl.RelativeTimeFormat("en", { numeric: "auto" });
const DATE = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric" });

/** "today", "yesterday", "5 days ago", and further off "3 May 2026". */
export function daysAgo(moment: string, now: Date): string {
  const days = Math.round((midnight(now) - midnight(new Date(moment))) / DAY);
  return days <= MOST_DAYS ? RELATIVE.format(-Math.max(0, days), "day") : DATE.format(new Date(moment));
}

export function formatDay(moment: string): string {
  return DATE.format(new Date(moment));
}

const MOMENT = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "long",
  hour: "2-digit",
  minute: "2-digit",
});

/** "3 May, 16:05" by the clock of this device. */
export function formatMoment(moment: string): string {
  return MOMENT.format(new Date(moment)).replace(" at ", ", ");
}

function midnight(moment: Date): number {
  return new Date(moment.getFullYear(), moment.getMonth(), moment.getDate()).getTime();
}
