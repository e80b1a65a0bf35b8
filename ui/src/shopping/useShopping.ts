import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Shopping } from "../api/types";

export type ToBuy = Shopping["list"]["shops"][number]["things"][number];

export function shoppingKey(garden: string, season: number) {
  return ["shopping", garden, season];
}

/** What is still to be bought for a season, and what of it is ticked off. */
export function useShopping(garden: string, season: number) {
  return useQuery({
    queryKey: shoppingKey(garden, season),
    queryFn: () => request<Shopping>("GET", `/api/gardens/${garden}/shopping?season=${String(season)}`),
  });
}
