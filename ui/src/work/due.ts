import type { Plan } from "../api/types";
import { seasonOfDay } from "../workspace/seasons";
import type { Reminder, WorkCalendar } from "./calendar";

/** So many days are looked ahead. */
const AHEAD = 14;
/** So many days before its end a season is looked back at. */
const AUTUMN = 122;
const DAY = 86_400_000;

export interface Due {
  kind: "work" | "delivery" | "hire" | "reminder" | "look-back";
  /** Empty for what is due on no day. */
  day: string;
  /** What comes, is hired or is to be thought of. */
  name: string;
  /** On a day of work. */
  tasks: number;
  /** Of all who work then. */
  minutes: number;
}

function plus(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);
}

/** What is due from a day on within two weeks, by the day; the look back last, in the last four months of the season. */
export function dueWithin(
  plan: Pick<Plan, "deliveries" | "hires" | "plantings" | "yearBegins">,
  calendar: WorkCalendar | undefined,
  reminders: readonly Reminder[],
  from: string,
  season: number,
): readonly Due[] {
  const until = plus(from, AHEAD);
  const soon = (day: string) => from <= day && day < until;
  const nothing = { tasks: 0, minutes: 0 };
  const work = (calendar?.days ?? []).map(({ day }): Due => {
    const stints = calendar?.stints.filter((stint) => stint.day === day) ?? [];
    return {
      kind: "work",
      day,
      name: "",
      tasks: new Set(stints.map(({ task }) => task)).size,
      minutes: stints.reduce((sum, { minutes, workers }) => sum + minutes * workers.length, 0),
    };
  });
  const deliveries = plan.deliveries.map(({ day, name }): Due => ({
    kind: "delivery",
    day,
    name,
    ...nothing,
  }));
  const hires = plan.hires.flatMap(({ booked, name }) =>
    booked.map((day): Due => ({ kind: "hire", day, name, ...nothing })),
  );
  const thought = reminders.map(({ day, words, about }): Due => ({
    kind: "reminder",
    day,
    name: `${words}: ${about}`,
    ...nothing,
  }));
  const dated = [...work, ...deliveries, ...hires, ...thought]
    .filter(({ day }) => soon(day))
    .sort((a, b) => a.day.localeCompare(b.day));
  const isAutumn =
    seasonOfDay(from, plan.yearBegins) === season &&
    seasonOfDay(plus(from, AUTUMN), plan.yearBegins) > season &&
    plan.plantings.some((planting) => seasonOfDay(planting.from, plan.yearBegins) === season);
  return isAutumn ? [...dated, { kind: "look-back", day: "", name: "", ...nothing }] : dated;
}
