import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type SeasonFigures = components["schemas"]["SeasonFigures"];
export type CropFigures = components["schemas"]["CropFigures"];
export type BedFigures = components["schemas"]["BedFigures"];
export type BedStory = components["schemas"]["BedStory"];
export type Chapter = components["schemas"]["Chapter"];

/** A season as it was planned and as it went; undefined until the program has told it. */
export function useSeasonFigures(season: number): SeasonFigures | undefined {
  const { plan, garden } = useDesk();
  const { data } = useQuery({
    queryKey: ["season-figures", plan.id, season, garden.revision],
    queryFn: () =>
      request<SeasonFigures>("GET", `/api/gardens/${plan.id}/season-figures?season=${String(season)}`),
    // While an edit is on its way the figures of before it are shown, but never those of another season.
    placeholderData: (before) => (before?.season === season ? before : undefined),
  });
  return data;
}

/** A bed through all its seasons. */
export function useBedStory(bed: string | undefined): BedStory | undefined {
  const { plan, garden } = useDesk();
  const { data } = useQuery({
    queryKey: ["bed-story", plan.id, bed, garden.revision],
    queryFn: () => request<BedStory>("GET", `/api/gardens/${plan.id}/bed-story?bed=${bed ?? ""}`),
    enabled: bed !== undefined,
    placeholderData: (before) => (before?.bed === bed ? before : undefined),
  });
  return data;
}
