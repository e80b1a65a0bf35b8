/** The middle of the first half of a month and of the second. */
const MIDDLE = ["08", "23"] as const;

/**
 * The day of a season in the middle of a half-month, the same day of the year as that of the sun.
 *
 * @param yearBegins as in ISO 8601: "--07-01"; days before it belong to the next calendar year
 * @param half 0 is the first of January
 */
export function dayOfHalf(season: number, yearBegins: string, half: number): string {
  const day = `${twoDigits(Math.floor(half / 2) + 1)}-${MIDDLE[half % 2 === 0 ? 0 : 1]}`;
  return `${String(day < yearBegins.slice(2) ? season + 1 : season)}-${day}`;
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
