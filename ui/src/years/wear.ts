import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type WearTold = components["schemas"]["WearTold"];
export type Worn = components["schemas"]["Worn"];
export type YearAhead = components["schemas"]["YearAhead"];

/** What wears out in the season, and what the years from it on cost; undefined until the program has told it. */
export function useWear(): WearTold | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["wear", plan.id, season, garden.revision],
    queryFn: () => request<WearTold>("GET", `/api/gardens/${plan.id}/wear?season=${String(season)}`),
  });
  return data;
}
