import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type SunHours = components["schemas"]["SunHours"];
export type BedSun = components["schemas"]["BedSun"];
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

function useSun<T>(path: string, query: string | undefined): T | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["sun", path, query, plan.id, garden.revision, season],
    queryFn: () =>
      request<T>("GET", `/api/gardens/${plan.id}/sun${path}?season=${String(season)}${query ?? ""}`),
    enabled: query !== undefined,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  return query === undefined ? undefined : data;
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
