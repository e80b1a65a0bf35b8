import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";
import { daysAfter, daysBetween } from "./days";
import type { Planting } from "./plantings";

export type BedGap = components["schemas"]["BedGap"];
export type GapFilling = components["schemas"]["GapFilling"];

/** The days of a season, and how far along it a day lies. */
export interface Year {
  begins: string;
  /** Share of the season, 0 to 1 within it. */
  at: (day: string) => number;
  days: number;
  /** First days of its months. */
  months: readonly string[];
}

/** @param yearBegins as in ISO 8601: "--07-01" */
export function yearOf(season: number, yearBegins: string): Year {
  const begins = `${String(season)}-${yearBegins.slice(2)}`;
  const ends = `${String(season + 1)}-${yearBegins.slice(2)}`;
  const days = daysBetween(begins, ends);
  const first = Number(yearBegins.slice(2, 4)) - 1;
  const months = Array.from({ length: 13 }, (_, month) =>
    new Date(Date.UTC(season, first + month, 1)).toISOString().slice(0, 10),
  );
  return {
    begins,
    days,
    at: (day) => daysBetween(begins, day) / days,
    months: months.filter((month) => month >= begins && month < ends),
  };
}

/** Something in the row of a bed, in the lane in which it runs into nothing else. */
export interface Laned<T> {
  item: T;
  lane: number;
}

/** Each in the first lane that is free when it begins. */
export function inLanes<T>(items: readonly T[], from: (item: T) => string, until: (item: T) => string) {
  const ends: string[] = [];
  const laned = [...items]
    .sort((a, b) => from(a).localeCompare(from(b)))
    .map((item): Laned<T> => {
      const free = ends.findIndex((end) => end <= from(item));
      const lane = free < 0 ? ends.length : free;
      ends[lane] = until(item);
      return { item, lane };
    });
  return { laned, lanes: Math.max(1, ends.length) };
}

/** As much later, for as long as it was, and maybe in another bed. */
export function moved(planting: Planting, days: number, bed = planting.bed): Planting {
  return {
    ...planting,
    bed,
    from: daysAfter(planting.from, days),
    until: daysAfter(planting.until, days),
  };
}

/** Where beds lie bare in the season. */
export function useGaps(): readonly BedGap[] {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["gaps", plan.id, garden.revision, season],
    queryFn: () =>
      request<BedGap[]>("GET", `/api/gardens/${plan.id}/plantings/gaps?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data ?? [];
}

/** What could grow in a gap; nothing until it is known. */
export function useFillings(gap: BedGap): readonly GapFilling[] | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["fillings", plan.id, garden.revision, season, gap],
    queryFn: () =>
      request<GapFilling[]>(
        "POST",
        `/api/gardens/${plan.id}/plantings/fillings?season=${String(season)}`,
        gap,
      ),
    staleTime: Infinity,
  });
  return data;
}
