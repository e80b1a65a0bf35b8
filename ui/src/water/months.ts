import type { Climate, Setting } from "./water";
import { words } from "./words";

/** The months in which things grow, in their order. */
export function growing({ firstMonth, lastMonth }: Pick<Climate, "firstMonth" | "lastMonth">): number[] {
  const count = ((lastMonth - firstMonth + 12) % 12) + 1;
  return Array.from({ length: count }, (_, index) => ((firstMonth - 1 + index) % 12) + 1);
}

/** So many minutes as one sets them: "45 min" or "1 h 20". */
export function formatMinutes(minutes: number): string {
  const whole = Math.ceil(minutes - 1e-9);
  if (whole < 60) return `${String(whole)} min`;
  const rest = whole % 60;
  return rest === 0 ? `${String(whole / 60)} h` : `${String(Math.floor(whole / 60))} h ${String(rest)}`;
}

const HOUR = 60;
const DAY = 24 * HOUR;

/** "5:30" for 330 minutes after midnight. */
export function formatClock(minutes: number): string {
  return `${String(Math.floor(minutes / HOUR))}:${String(minutes % HOUR).padStart(2, "0")}`;
}

/** Minutes after midnight from "5:30", "5.30", "22" or "9:30 pm"; 24:00 is the end of the day. Null for what is no time. */
export function parseClock(text: string): number | null {
  const read = /^(\d{1,2})(?:[:.](\d{2}))?\s*(am|pm)?$/i.exec(text.trim());
  if (!read?.[1]) return null;
  const half = read[3]?.toLowerCase();
  const hour = Number(read[1]);
  const minute = Number(read[2] ?? 0);
  if (minute >= HOUR || (half && (hour < 1 || hour > 12))) return null;
  const minutes = (half ? (hour % 12) + (half === "pm" ? 12 : 0) : hour) * HOUR + minute;
  return minutes > DAY ? null : minutes;
}

/** "Mon" for 1. The first of January 2001 was a Monday. */
export function dayName(day: number, style: "long" | "short"): string {
  return new Intl.DateTimeFormat("en", { weekday: style, timeZone: "UTC" }).format(Date.UTC(2001, 0, day));
}

/** "Mon, Thu", or that rain is enough. */
export function daysWords({ days }: Setting): string {
  if (days.length === 0) return words.rainIsEnough;
  return days.length === 7 ? words.daily : days.map((day) => dayName(day, "short")).join(", ");
}

/** How a timer is set: "Mon, Thu at 0:00 for 45 min". */
export function settingWords(setting: Setting): string {
  const { days, starts, each, late } = setting;
  const when = daysWords(setting);
  if (days.length === 0) return when;
  return late
    ? words.noTimeLeft(when, formatMinutes(each))
    : words.runsAt(when, starts.map(formatClock).join(", "), formatMinutes(each));
}
