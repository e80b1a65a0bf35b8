import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import type { Change } from "../api/types";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import type { CropView } from "../variety/crops";
import { words } from "./words";
import { dayOfHalf } from "../measure/halfMonths";

export type Planting = components["schemas"]["Planting"];
export type PlantingTold = components["schemas"]["PlantingTold"];

/** The day on which crops are shown as large as they are then: the middle of the half-month that is looked at. */
export function useDayShown(): string {
  const { plan, season, shown } = useDesk();
  return dayOfHalf(season, plan.yearBegins ?? "--01-01", shown.sun.half);
}

/** The name of a bed that is there in the season; said of others that they are not. */
export function useBedNames(): (bed: string | undefined) => string {
  const { plan, outlines } = useDesk();
  const names = new Map(plan.beds.map(({ id, name }) => [id, name]));
  return (bed = "") => (outlines.has(bed) ? (names.get(bed) ?? "") : words.bedGone);
}

/** What grows in the season, on the day that is looked at. */
export function usePlantings(): readonly PlantingTold[] {
  return useToldPlantings() ?? [];
}

/** The same; undefined until the program has told them. */
export function useToldPlantings(): readonly PlantingTold[] | undefined {
  const { plan, garden, season } = useDesk();
  const day = useDayShown();
  const wanted = plan.plantings.length > 0;
  const { data } = useQuery({
    queryKey: ["plantings", plan.id, garden.revision, season, day],
    queryFn: () =>
      request<PlantingTold[]>("GET", `/api/gardens/${plan.id}/plantings?season=${String(season)}&day=${day}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return wanted ? data : [];
}

/** A planting of the season in a bed that is there. */
export interface PlantedRow {
  planting: Planting;
  told: PlantingTold;
  bed: string;
}

/** What grows in the beds of the season, in the order of the year. */
export function usePlantedRows(): PlantedRow[] {
  const { plan, outlines } = useDesk();
  const bedName = useBedNames();
  const known = new Map(plan.plantings.map((planting) => [planting.id, planting]));
  const rows = usePlantings().flatMap((told): PlantedRow[] => {
    const planting = known.get(told.planting);
    return planting && outlines.has(planting.bed) ? [{ planting, told, bed: bedName(planting.bed) }] : [];
  });
  return rows.sort((a, b) => a.planting.from.localeCompare(b.planting.from));
}

/** Plants a crop in beds as it is usually grown; why it failed. */
export function useNewPlantings() {
  const { submit } = useDesk();
  const { ask, fault, setFault } = useAsked<Change>();

  async function plant({ crop: { key: crop, variety } }: CropView, beds: readonly string[]) {
    const change = await ask("plantings/proposals", { body: { crop, variety, beds } });
    if (change) submit(change, setFault);
  }

  return { plant, fault };
}
