import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type HarvestTold = components["schemas"]["HarvestTold"];
export type Food = components["schemas"]["Food"];

/** What the beds give in the season. */
export function useHarvest(): HarvestTold | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["harvest", plan.id, garden.revision, season],
    queryFn: () => request<HarvestTold>("GET", `/api/gardens/${plan.id}/harvest?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data;
}
