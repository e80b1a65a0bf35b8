import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { useDesk } from "./desk";

/** What the server tells of each thing of one kind in the season; nothing while there are none. */
export function useTold<T>(path: string, things: readonly unknown[]): readonly T[] {
  const { plan, garden, season } = useDesk();
  const wanted = things.length > 0;
  const { data } = useQuery({
    queryKey: [path, plan.id, garden.revision, season],
    queryFn: () => request<T[]>("GET", `/api/gardens/${plan.id}/${path}?season=${String(season)}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return wanted ? (data ?? []) : [];
}
