import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { Arrangement } from "../api/types";

/** What the last search found in a garden and season, for as long as the page is open. */
const keyOf = (garden: string, season: number) => ["arrangements found", garden, season];
const NONE: Arrangement[] = [];

export function useArrangementsFound(garden: string, season: number): Arrangement[] {
  const { data } = useQuery({
    queryKey: keyOf(garden, season),
    queryFn: () => NONE,
    initialData: NONE,
    enabled: false,
    gcTime: Infinity,
  });
  return data;
}

/** Keeps what is found. */
export function useKept(garden: string, season: number, found: Arrangement[] | undefined): void {
  const client = useQueryClient();
  useEffect(() => {
    if (found) client.setQueryData(keyOf(garden, season), found);
  }, [client, garden, season, found]);
}
