import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type SowingTold = components["schemas"]["SowingTold"];
export type CropTimes = components["schemas"]["CropTimes"];
export type SowingDay = components["schemas"]["SowingDay"];

/** The sowing calendar of the season. */
export function useSowing(): SowingTold | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["sowing", plan.id, garden.revision, season],
    queryFn: () =>
      request<SowingTold>("GET", `/api/gardens/${plan.id}/plantings/calendar?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data;
}
