const HALVES = 24;
const MONTHS = 12;
/** The middle of the first half of a month and of the second. */
const MIDDLE = [8, 23] as const;

/**
 * The day in the middle of a half-month of a season.
 *
 * @param yearBegins as in ISO 8601: "--07-01"
 * @param half 0 is the first of the month in which the season begins
 */
export function dayOfHalf(season: number, yearBegins: string, half: number): string {
  const first = Number(yearBegins.slice(2, 4)) - 1;
  const month = first + Math.floor((half % HALVES) / 2);
  const day = MIDDLE[half % 2 === 0 ? 0 : 1];
  const year = season + Math.floor(month / MONTHS);
  return `${String(year)}-${twoDigits((month % MONTHS) + 1)}-${twoDigits(day)}`;
}

function twoDigits(number: number): string {
  return String(number).padStart(2, "0");
}

const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", timeZone: "UTC" });
const DAY_OF_YEAR = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "short",
  year: "numeric",
  timeZone: "UTC",
});

/** "23 Jun", and with the year if it is another than that of the season: "23 Jun 2030". */
export function formatDay(day: string, season: number): string {
  const format = Number(day.slice(0, 4)) === season ? DAY : DAY_OF_YEAR;
  return format.format(new Date(`${day}T00:00:00Z`));
}
