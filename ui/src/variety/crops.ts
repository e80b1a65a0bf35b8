import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type CropView = components["schemas"]["CropView"];
export type Variety = components["schemas"]["Variety"];
export type SeedLeft = components["schemas"]["SeedLeft"];
export type CropColumn = components["schemas"]["CropColumnView"];
type GardenCrops = components["schemas"]["GardenCropsView"];

/** What is chosen in a list of crops: a variety by its id, a crop of the catalogue by its key. */
export function cropId({ crop, variety }: { crop: string; variety?: string | undefined }): string {
  return variety ?? crop;
}

export function idOf({ crop: { key, variety } }: CropView): string {
  return cropId({ crop: key, variety });
}

/** Crops of the catalogue, each followed by the gardener's varieties, with lengths as the garden says them; and the seed on hand. */
export function useGardenCrops(): GardenCrops {
  const { plan, garden, season, catalogue, units } = useDesk();
  const wanted = plan.varieties.length > 0 || units !== "METRIC";
  const { data } = useQuery({
    queryKey: ["crops", plan.id, garden.revision, season],
    queryFn: () => request<GardenCrops>("GET", `/api/gardens/${plan.id}/crops?season=${String(season)}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return wanted && data ? data : { crops: catalogue.crops.crops, seed: [] };
}

/** A variety is called after its crop: "Carrot: Vale"; a crop of one's own by its name alone. */
export function useCropNames(): (view: CropView) => string {
  const { catalogue } = useDesk();
  const names = new Map(catalogue.crops.crops.map(({ crop: { key, name } }) => [key, name]));
  return ({ crop: { key, variety, ownCrop, name } }) =>
    variety === undefined || ownCrop ? name : `${names.get(key) ?? key}: ${name}`;
}

/** To choose from, by family. */
export function useCropOptions(crops: readonly CropView[]) {
  const nameOf = useCropNames();
  return crops.map((view) => ({ value: idOf(view), label: nameOf(view), group: view.family }));
}
