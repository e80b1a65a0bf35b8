import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type SoilTest = components["schemas"]["SoilTest"];
export type Mulch = components["schemas"]["Mulch"];
export type FeedingTold = components["schemas"]["FeedingTold"];
export type BedFeeding = components["schemas"]["BedFeeding"];

/** What the beds of the season want. */
export function useFeeding(): FeedingTold | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["feeding", plan.id, garden.revision, season],
    queryFn: () => request<FeedingTold>("GET", `/api/gardens/${plan.id}/feeding?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data;
}
