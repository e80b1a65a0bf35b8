import {
  keepPreviousData,
  type QueryClient,
  queryOptions,
  useQueries,
  useQuery,
} from "@tanstack/react-query";
import { request } from "./client";
import type {
  AppraisalReport,
  AtTheBed,
  CarrierGround,
  Catalogue,
  CuttingPlan,
  FrameDrawing,
  Fall,
  GardenView,
  HistoryEntry,
  Judgement,
  Families,
  Kept,
  LedgerEntry,
  LedgerPage,
  Lie,
  DeletedGarden,
  GardenPicture,
  ListedGarden,
  Point,
  Route,
  SeasonSoil,
  SeasonWork,
  SettingOut,
  SoilReading,
  SessionView,
} from "./types";

export const keys = {
  session: ["session"] as const,
  catalogue: ["catalogue"] as const,
  gardens: ["gardens"] as const,
  deleted: ["gardens", "deleted"] as const,
  garden: (id: string) => ["garden", id] as const,
  appraisals: (id: string) => ["appraisal", id] as const,
  appraisal: (id: string, revision: number, season: number) => ["appraisal", id, revision, season] as const,
  carrier: (id: string, revision: number, season: number, carrier: string) =>
    ["carrier", id, revision, season, carrier] as const,
  routes: (id: string, revision: number, season: number, carrier: string, from: Point) =>
    ["routes", id, revision, season, carrier, from.x, from.y] as const,
  ledger: (id: string) => ["ledger", id] as const,
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

/** What was deleted and can still be brought back. */
export function useDeletedGardens() {
  return useQuery({
    queryKey: keys.deleted,
    queryFn: () => request<DeletedGarden[]>("GET", "/api/gardens/deleted"),
  });
}

/** @param touchedAt when the garden was edited last: until it is edited again the picture stays */
export function useGardenPicture(id: string, touchedAt: string) {
  return useQuery({
    queryKey: ["picture", id, touchedAt],
    queryFn: () => request<GardenPicture>("GET", `/api/gardens/${id}/picture`),
    staleTime: Infinity,
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
    // Before the garden is there it is not known which season it begins in.
    enabled: revision >= 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** The judgement without remedies, which is there sooner and from which previews tell the difference. */
export function judgement(id: string, revision: number, season: number) {
  return queryOptions({
    queryKey: [...keys.appraisal(id, revision, season), "quick"],
    queryFn: () => request<Judgement>("GET", `/api/gardens/${id}/judgement?season=${String(season)}`),
    enabled: revision >= 0,
    staleTime: Infinity,
  });
}

/** Asks anew for what was changed. An answer that is still on its way may be of before the change: it is dropped. */
export async function askAnew(client: QueryClient, queryKey: readonly unknown[]): Promise<void> {
  await client.cancelQueries({ queryKey });
  await client.invalidateQueries({ queryKey });
}

/** After something was entered: what is left of the budget goes by the ledger. */
export function ledgerChanged(client: QueryClient, garden: string): Promise<void> {
  void client.invalidateQueries({ queryKey: keys.appraisals(garden) });
  return askAnew(client, keys.ledger(garden));
}

/**
 * The judgement that a preview goes out from, asked for anew if the one at hand is of another ledger or program; null if it has become
 * another one meanwhile.
 */
export async function judgedFrom(
  client: QueryClient,
  options: ReturnType<typeof judgement>,
  base: string,
): Promise<AppraisalReport | null> {
  const known = await client.ensureQueryData(options);
  if (known.base === base) return known.appraisal;
  const fresh = await client.fetchQuery({ ...options, staleTime: 0 });
  return fresh.base === base ? fresh.appraisal : null;
}

/** The ground that a carrier can use; asked for while its layer is shown. */
export function useCarrierGround(id: string, revision: number, season: number, carrier: string | null) {
  return useQuery({
    queryKey: keys.carrier(id, revision, season, carrier ?? ""),
    queryFn: () =>
      request<CarrierGround>("GET", `/api/gardens/${id}/carriers/${carrier ?? ""}?season=${String(season)}`),
    enabled: carrier !== null,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** The shortest ways of a carrier from a place to the beds. */
export function useRoutes(
  id: string,
  revision: number,
  season: number,
  carrier: string | null,
  from: Point | null,
) {
  const place = from ?? { x: 0, y: 0 };
  return useQuery({
    queryKey: keys.routes(id, revision, season, carrier ?? "", place),
    queryFn: () =>
      request<Route[]>(
        "GET",
        `/api/gardens/${id}/carriers/${carrier ?? ""}/routes?season=${String(season)}&x=${String(place.x)}&y=${String(place.y)}`,
      ),
    enabled: carrier !== null && from !== null,
    staleTime: Infinity,
  });
}

/** The lie of the ground; null while too few heights are known. */
export function useLevels(id: string, revision: number, season: number) {
  return useQuery({
    queryKey: ["levels", id, revision, season],
    queryFn: async () =>
      (await request<Lie | undefined>("GET", `/api/gardens/${id}/levels?season=${String(season)}`)) ?? null,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** Who can be at which edge of a bed and how its height suits them; null while no bed is chosen. */
export function useAtTheBed(id: string, revision: number, season: number, bed: string | null) {
  return useQuery({
    queryKey: ["edges", id, revision, season, bed],
    queryFn: () =>
      request<AtTheBed>("GET", `/api/gardens/${id}/beds/${bed ?? ""}/edges?season=${String(season)}`),
    enabled: bed !== null,
    staleTime: Infinity,
  });
}

/** What there is to do in each season to build what the bill buys. */
export function useWork(id: string, revision: number) {
  return useQuery({
    queryKey: ["work", id, revision],
    queryFn: () => request<SeasonWork[]>("GET", `/api/gardens/${id}/work`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** Bags against loose soil and what is carried, by season. */
export function useSoilSupply(id: string, revision: number) {
  return useQuery({
    queryKey: ["soil-supply", id, revision],
    queryFn: () => request<SeasonSoil[]>("GET", `/api/gardens/${id}/soil-supply`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** A page of the receipts, and how what was paid stands against the bill of this revision. */
export function useLedger(id: string, revision: number, page = 0) {
  return useQuery({
    queryKey: [...keys.ledger(id), revision, page],
    queryFn: () => request<LedgerPage>("GET", `/api/gardens/${id}/ledger?page=${String(page)}`),
    placeholderData: keepPreviousData,
  });
}

/** All receipts, the newest first; undefined until the last page is there. */
export function useWholeLedger(id: string, revision: number): LedgerEntry[] | undefined {
  const page = (number: number) => ({
    queryKey: [...keys.ledger(id), revision, number],
    queryFn: () => request<LedgerPage>("GET", `/api/gardens/${id}/ledger?page=${String(number)}`),
  });
  const first = useQuery(page(0)).data;
  const others = useQueries({
    queries: Array.from({ length: Math.max(0, (first?.pages ?? 1) - 1) }, (_, index) => page(index + 1)),
  });
  const pages = [first, ...others.map(({ data }) => data)];
  return pages.every((each) => each !== undefined) ? pages.flatMap(({ entries }) => entries) : undefined;
}

/** How the boards are cut that the bill buys; asked for while it is looked at. */
export function useCutting(id: string, revision: number, beds: string, wanted: boolean) {
  return useQuery({
    queryKey: ["cutting", id, revision, beds],
    queryFn: () => request<CuttingPlan[]>("GET", `/api/gardens/${id}/cutting?beds=${beds}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** The frame of a bed course by course, and what holds it together. */
export function useFrameDrawing(id: string, revision: number, bed: string, season: number, wanted: boolean) {
  return useQuery({
    queryKey: ["frame", id, revision, bed, season],
    queryFn: () =>
      request<FrameDrawing | undefined>(
        "GET",
        `/api/gardens/${id}/beds/${bed}/frame?season=${String(season)}`,
      ).then((drawing) => drawing ?? null),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** How the ground falls along a line. */
export function useFall(id: string, revision: number, from: Point, to: Point, wanted: boolean) {
  return useQuery({
    queryKey: ["fall", id, revision, from, to],
    queryFn: () =>
      request<Fall>(
        "GET",
        `/api/gardens/${id}/levels/line?x1=${String(from.x)}&y1=${String(from.y)}&x2=${String(to.x)}&y2=${String(to.y)}`,
      ),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

export function useSoil(id: string, revision: number) {
  return useQuery({
    queryKey: ["soil", id, revision],
    queryFn: () => request<SoilReading>("GET", `/api/gardens/${id}/soil`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** The figures for staking out; asked for while they are looked at. */
export function useSettingOut(id: string, revision: number, season: number, wanted: boolean) {
  return useQuery({
    queryKey: ["setting-out", id, revision, season],
    queryFn: () => request<SettingOut>("GET", `/api/gardens/${id}/setting-out?season=${String(season)}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** Beds of equal outside size. */
export function useFamilies(id: string, revision: number, season: number, wanted: boolean) {
  return useQuery({
    queryKey: ["families", id, revision, season],
    queryFn: () => request<Families>("GET", `/api/gardens/${id}/families?season=${String(season)}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

/** Which variant a garden is; null for the garden itself. */
export function useVariant(id: string) {
  return useQuery({
    queryKey: ["variant", id],
    queryFn: async () => (await request<Kept | undefined>("GET", `/api/gardens/${id}/variants/this`)) ?? null,
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
