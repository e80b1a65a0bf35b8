import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import type { Units } from "../api/types";
import type { JournalEntry } from "../journal/journal";
import { formatArea, formatDistance, formatVolume } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

export type PlannedTask = components["schemas"]["PlannedTask"];
export type WorkOfSeason = components["schemas"]["WorkOfSeason"];

const LITRES = 1000;

/** The tasks that the plan makes in the season; undefined until the program has told them. */
export function useTasks(): WorkOfSeason | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["tasks", plan.id, garden.revision, season],
    queryFn: () => request<WorkOfSeason>("GET", `/api/gardens/${plan.id}/tasks?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data;
}

/** The entries that tick tasks off, by their keys: one of each who did. */
export function doneOf(told: WorkOfSeason | undefined): ReadonlyMap<string, readonly JournalEntry[]> {
  const done = new Map<string, JournalEntry[]>();
  for (const entry of told?.done ?? []) {
    if (entry.done) done.set(entry.done.task, [...(done.get(entry.done.task) ?? []), entry]);
  }
  return done;
}

/** Where a task is done: at what, and in which bed. */
export function placeOf({ name, bed }: PlannedTask): string {
  return [name, bed].filter((each) => each !== undefined).join(", ");
}

/** So much of a rate's unit, as gardeners of the garden's units say it. */
export function formatQuantity({ quantity, rate: { unit } }: PlannedTask, units: Units): string {
  switch (unit) {
    case "metre":
      return formatDistance(quantity, units);
    case "square metre":
      return formatArea(quantity, units);
    case "cubic metre":
      return formatVolume(quantity * LITRES, units);
    default:
      return words.count(Math.ceil(quantity), unit);
  }
}
