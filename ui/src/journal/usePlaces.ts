import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** What an entry may be about, in the season that is shown: beds, what grows in them, and all else on the plot. */
export function usePlaces(): { value: string; label: string }[] {
  const { plan, outlines, things, season } = useDesk();
  const beds = plan.beds.filter(({ id }) => outlines.has(id));
  const bedNames = new Map(beds.map(({ id, name }) => [id, name]));
  const begins = (year: number) => `${String(year)}${plan.yearBegins.slice(1)}`;
  const isOfSeason = ({ from, until }: { from: string; until: string }) =>
    from < begins(season + 1) && until > begins(season);
  const plantings = plan.plantings
    .filter((planting) => bedNames.has(planting.bed) && isOfSeason(planting))
    .map(({ id, name, bed }) => ({ value: id, label: words.plantingIn(name, bedNames.get(bed) ?? "") }));
  const others = [...things.values()]
    .filter(({ id }) => !bedNames.has(id))
    .map(({ id, name, kind }) => ({ value: id, label: words.thingOf(name, kind) }));
  const byLabel = (a: { label: string }, b: { label: string }) => a.label.localeCompare(b.label);
  return [
    ...beds.map(({ id, name }) => ({ value: id, label: name })),
    ...plantings.sort(byLabel),
    ...others.sort(byLabel),
  ];
}
