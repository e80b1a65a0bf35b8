/** "January" for 1, by the language of the browser's own calendar. */
export function monthName(month: number, style: "long" | "short"): string {
  return new Intl.DateTimeFormat("en", { month: style, timeZone: "UTC" }).format(
    Date.UTC(2001, month - 1, 15),
  );
}

export const MONTHS = Array.from({ length: 12 }, (_, index) => index + 1);
const NAMES = MONTHS.map((month) => monthName(month, "long"));
/** Of a leap year. */
const LENGTHS = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** "1 May" for "--05-01", a day of the year as ISO 8601 writes it. */
export function formatMonthDay(monthDay: string, style: "long" | "short"): string {
  const [month = 1, day = 1] = monthDay.slice(2).split("-").map(Number);
  return `${String(day)} ${monthName(month, style)}`;
}

/** "--05-01" from "1 May", "May 1", "1st of May", "1.5." or "05-01"; null for what is no day of the year. */
export function parseMonthDay(text: string): string | null {
  const typed = text.trim().toLowerCase();
  const named =
    /^(\d{1,2})(?:st|nd|rd|th)?\.?\s*(?:of\s+)?([a-z]{3,})\.?$/.exec(typed) ??
    swapped(/^([a-z]{3,})\.?\s*(\d{1,2})(?:st|nd|rd|th)?$/.exec(typed));
  if (named) return monthDay(monthOf(named[2] ?? ""), Number(named[1]));
  const european = /^(\d{1,2})\.\s*(\d{1,2})\.?$/.exec(typed);
  if (european) return monthDay(Number(european[2]), Number(european[1]));
  const iso = /^(?:--)?(\d{2})-(\d{2})$/.exec(typed);
  return iso ? monthDay(Number(iso[1]), Number(iso[2])) : null;
}

function swapped(read: RegExpExecArray | null): string[] | null {
  return read ? [read[0], read[2] ?? "", read[1] ?? ""] : null;
}

/** 0 where no month begins so. */
function monthOf(text: string): number {
  return NAMES.findIndex((name) => name.toLowerCase().startsWith(text)) + 1;
}

function monthDay(month: number, day: number): string | null {
  const most = LENGTHS[month - 1];
  const two = (number: number) => String(number).padStart(2, "0");
  return most !== undefined && day >= 1 && day <= most ? `--${two(month)}-${two(day)}` : null;
}
