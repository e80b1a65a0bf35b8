import { useDesk } from "./desk";
import { presentSeason, railSeasons } from "./seasons";

/** The seasons in which the garden is looked at. */
export function useRailSeasons(): number[] {
  const { plan, garden, report, season } = useDesk();
  return railSeasons(
    [...garden.seasons.map((each) => each.season), ...(report?.bySeason.map((each) => each.season) ?? [])],
    presentSeason(plan.firstSeason, plan.yearBegins),
    season,
  );
}
