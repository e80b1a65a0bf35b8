import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Change } from "../api/types";
import { useDesk } from "../workspace/desk";
import type { CompostTold } from "./bays";

/** How much the bays of the season hold and how far the beds are from them. */
export function useCompost() {
  const { plan, garden, season } = useDesk();
  return useQuery({
    queryKey: ["compost", plan.id, garden.revision, season],
    queryFn: () => request<CompostTold[]>("GET", `/api/gardens/${plan.id}/compost?season=${String(season)}`),
    enabled: plan.compost.length > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** The edit that would put new bays where there is room for them. */
export function proposedBays(garden: string, season: number): Promise<Change> {
  return request("POST", `/api/gardens/${garden}/compost/proposals?season=${String(season)}`);
}
