import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useSolve, type Question, type Solve } from "../api/solves";
import { useDesk } from "../workspace/desk";
import { placeOf, type WorkOfSeason } from "./tasks";

export type CalendarOfSeason = components["schemas"]["CalendarOfSeason"];
export type Reminder = components["schemas"]["Reminder"];
export type WorkCalendar = components["schemas"]["WorkCalendar"];
export type BetterCalendar = components["schemas"]["BetterCalendar"];
export type Worker = components["schemas"]["Worker"];
export type Stint = WorkCalendar["stints"][number];
export type Placed = WorkCalendar["tasks"][number];

const MINUTES = 60;

/**
 * The calendar of the season; undefined until the program has told it.
 *
 * @param rain a day of which is asked what moves if it rains then
 * @param done how many tasks are done: with each the calendar is another one
 */
export function useCalendar(rain: string | undefined, done: number): CalendarOfSeason | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["work-calendar", plan.id, garden.revision, season, rain, done],
    queryFn: () =>
      request<CalendarOfSeason>(
        "GET",
        `/api/gardens/${plan.id}/work-calendar?season=${String(season)}${rain === undefined ? "" : `&rain=${rain}`}`,
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data;
}

export interface Better extends Solve<BetterCalendar> {
  /** The best for the garden as it is. */
  found: BetterCalendar | undefined;
  ask: () => void;
  /** Puts away what was found, and stops the work. */
  leave: () => void;
}

/** A calendar that ends earlier: asked for, looked after, put away. */
export function useBetterCalendar(): Better {
  const { plan, garden, season, queue } = useDesk();
  const [asked, setAsked] = useState<(Question & { revision: number; season: number }) | null>(null);
  const question = useMemo(
    () => (asked?.revision === garden.revision && asked.season === season ? asked : null),
    [asked, garden.revision, season],
  );
  const solve = useSolve<BetterCalendar>(question);
  return {
    ...solve,
    found: question ? solve.told?.best[0] : undefined,
    ask: () => {
      void queue.allKept().then(() => {
        setAsked({
          garden: plan.id,
          what: "work-calendar/better",
          query: `?season=${String(season)}`,
          revision: garden.revision,
          season,
        });
      });
    },
    leave: () => {
      setAsked(null);
    },
  };
}

/** What a season's tasks are called, with the place at which each is done, by their keys. */
export function namesOf(told: WorkOfSeason): ReadonlyMap<string, string> {
  return new Map(
    told.tasks.map((task) => [
      task.key,
      [task.rate.label, placeOf(task)].filter((each) => each !== "").join(", "),
    ]),
  );
}

/** "1:05" after the beginning of a day's work. */
export function formatClock(minutes: number): string {
  return `${String(Math.floor(minutes / MINUTES))}:${String(minutes % MINUTES).padStart(2, "0")}`;
}

const WEEKDAY = new Intl.DateTimeFormat("en-GB", { weekday: "short", timeZone: "UTC" });

/** "Sat". */
export function weekdayOf(day: string): string {
  return WEEKDAY.format(new Date(`${day}T00:00:00Z`));
}
