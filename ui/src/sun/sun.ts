import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { request } from "../api/client";
import { useSolve, type Question, type Solve } from "../api/solves";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type SunHours = components["schemas"]["SunHours"];
export type BedSun = components["schemas"]["BedSun"];
export type TriedSun = components["schemas"]["Other"];
export type SunMap = components["schemas"]["SunMap"];
export type DaySun = components["schemas"]["DaySun"];
export type Moment = components["schemas"]["Moment"];
export type Sky = components["schemas"]["Sky"];
export type Exposure = SunMap["cells"][number]["exposure"];

/** Hours of direct sun of the beds of the season; nothing while they are not asked for. */
export function useSunHours(wanted = true): SunHours | undefined {
  return useSun<SunHours>("", wanted ? "" : undefined);
}

/** The shadows of a day; nothing while no day is asked for. */
export function useDaySun(day: string | undefined): DaySun | undefined {
  const sun = useSun<DaySun>("/day", day === undefined ? undefined : `&day=${day}`);
  return sun?.day === day ? sun : undefined;
}

/** The sun on open ground on a day, or in the growing months; nothing while it is not asked for. */
export function useSunMap(day: string | undefined, wanted: boolean): SunMap | undefined {
  return useSun<SunMap>("/map", wanted ? (day === undefined ? "" : `&day=${day}`) : undefined);
}

/**
 * Looks for a finer map where that of the sheet is coarse, and shows it once it is there. The map is that of `useSunMap` for the
 * same day.
 */
export function useFinerMap(map: SunMap | undefined, day: string | undefined): Solve<SunMap> {
  const { plan, garden, season } = useDesk();
  const client = useQueryClient();
  const query = day === undefined ? "" : `&day=${day}`;
  const coarse = map?.coarse === true;
  const { id } = plan;
  const { revision } = garden;
  const question = useMemo<(Question & { revision: number }) | null>(
    () =>
      coarse ? { garden: id, what: "sun/maps", query: `?season=${String(season)}${query}`, revision } : null,
    [coarse, id, season, query, revision],
  );
  const solve = useSolve<SunMap>(question);
  const [finer] = solve.told?.best ?? [];
  useEffect(() => {
    if (finer) client.setQueryData(sunKey("/map", query, id, revision, season), finer);
  }, [client, finer, query, id, revision, season]);
  return solve;
}

function sunKey(path: string, query: string | undefined, garden: string, revision: number, season: number) {
  return ["sun", path, query, garden, revision, season];
}

function useSun<T>(path: string, query: string | undefined): T | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: sunKey(path, query, plan.id, garden.revision, season),
    queryFn: () =>
      request<T>("GET", `/api/gardens/${plan.id}/sun${path}?season=${String(season)}${query ?? ""}`),
    enabled: query !== undefined,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  return query === undefined ? undefined : data;
}

/** An edit is asked after when it has rested so long, milliseconds. */
const RESTED = 250;

/** The beds whose sun the edit would change that is being tried, most first. */
export function useTriedSun(): readonly TriedSun[] {
  const { plan, garden, season, tried } = useDesk();
  const [change, setChange] = useState(tried);
  useEffect(() => {
    const timer = setTimeout(() => {
      setChange(tried);
    }, RESTED);
    return () => {
      clearTimeout(timer);
    };
  }, [tried]);
  const { data } = useQuery({
    queryKey: ["sun", "tried", plan.id, garden.revision, season, change],
    queryFn: () =>
      request<readonly TriedSun[]>("POST", `/api/gardens/${plan.id}/sun/tried`, { season, change }),
    enabled: change !== null,
    retry: false,
    staleTime: Infinity,
  });
  return tried !== null && change !== null ? (data ?? []) : [];
}

/** The moment of a day next to a minute; nothing on a day without sun. */
export function momentAt(day: DaySun | undefined, minute: number): Moment | undefined {
  return day?.moments.reduce<Moment | undefined>(
    (nearest, moment) =>
      !nearest || Math.abs(moment.minute - minute) < Math.abs(nearest.minute - minute) ? moment : nearest,
    undefined,
  );
}

/** "15:30". */
export function asTime(minute: number): string {
  return `${String(Math.floor(minute / 60))}:${String(minute % 60).padStart(2, "0")}`;
}

const POINTS = [
  "N",
  "NNE",
  "NE",
  "ENE",
  "E",
  "ESE",
  "SE",
  "SSE",
  "S",
  "SSW",
  "SW",
  "WSW",
  "W",
  "WNW",
  "NW",
  "NNW",
];

/** The point of the compass next to a direction in degrees. */
export function compassPoint(degrees: number): string {
  return POINTS[Math.round(degrees / 22.5) % POINTS.length] ?? "N";
}
