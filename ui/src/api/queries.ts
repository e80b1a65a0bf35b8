import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "./client";
import type {
  AppraisalReport,
  Catalogue,
  GardenView,
  HistoryEntry,
  ListedGarden,
  SessionView,
} from "./types";

export const keys = {
  session: ["session"] as const,
  catalogue: ["catalogue"] as const,
  gardens: ["gardens"] as const,
  garden: (id: string) => ["garden", id] as const,
  appraisal: (id: string, revision: number, season: number) => ["appraisal", id, revision, season] as const,
  history: (id: string, revision: number) => ["history", id, revision] as const,
};

export function useSession() {
  return useQuery({ queryKey: keys.session, queryFn: () => request<SessionView>("GET", "/api/session") });
}

export function useCatalogue() {
  return useQuery({
    queryKey: keys.catalogue,
    queryFn: () => request<Catalogue>("GET", "/api/catalogue"),
    staleTime: Infinity,
  });
}

export function useGardens() {
  return useQuery({
    queryKey: keys.gardens,
    queryFn: () => request<ListedGarden[]>("GET", "/api/gardens"),
  });
}

export function useGarden(id: string) {
  return useQuery({
    queryKey: keys.garden(id),
    queryFn: () => request<GardenView>("GET", `/api/gardens/${id}`),
  });
}

/** The judgement of a garden in a season; while a newer one is on its way the last one stays. */
export function useAppraisal(id: string, revision: number, season: number) {
  return useQuery({
    queryKey: keys.appraisal(id, revision, season),
    queryFn: () => request<AppraisalReport>("GET", `/api/gardens/${id}/appraisal?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

export function useHistory(id: string, revision: number, wanted: boolean) {
  return useQuery({
    queryKey: keys.history(id, revision),
    queryFn: () => request<HistoryEntry[]>("GET", `/api/gardens/${id}/history`),
    enabled: wanted,
  });
}
