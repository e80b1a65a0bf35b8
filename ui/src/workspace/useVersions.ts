import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Version } from "../api/types";

/** The garden itself and its variants, in figures for a season. */
export function useVersions(garden: string, revision: number, season: number) {
  return useQuery({
    queryKey: ["variants", garden, revision, season],
    queryFn: () => request<Version[]>("GET", `/api/gardens/${garden}/variants?season=${String(season)}`),
  });
}
