import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import type { Units } from "../api/types";
import { formatMass, formatVolume } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { stagingWords as words } from "./stagingWords";
import type { PlannedTask } from "./tasks";

export type StagedPlace = components["schemas"]["StagedPlace"];
export type StagedGood = components["schemas"]["StagedGood"];
type Lift = NonNullable<PlannedTask["lift"]>;

/** What lies ready where in the season; undefined until the program has told it. */
export function useStaging(): readonly StagedPlace[] | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["staging", plan.id, garden.revision, season],
    queryFn: () =>
      request<StagedPlace[]>("GET", `/api/gardens/${plan.id}/work-calendar/staging?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data;
}

/** What lies ready for a task. */
export function goodsFor(
  { place, stage }: PlannedTask,
  staged: readonly StagedPlace[] | undefined,
): readonly StagedGood[] {
  return (
    staged?.find((each) => each.place === place)?.goods.filter(({ stages }) => stages.includes(stage)) ?? []
  );
}

/** What is told of it on a day sheet: bags, bulk, boards and plants, but no screws. */
export function formatGoods(goods: readonly StagedGood[], units: Units): readonly string[] {
  const marks = goods
    .filter(({ kind }) => kind === "BOARDS")
    .map(({ mark = "", quantity }) => words.board(mark, quantity));
  return [
    ...goods.flatMap((good) => formatGood(good, units)),
    ...(marks.length > 0 ? [words.boards(marks)] : []),
  ];
}

function formatGood({ kind, label, quantity }: StagedGood, units: Units): readonly string[] {
  switch (kind) {
    case "BAGS":
      return [words.bags(quantity, label)];
    case "BULK":
      return [words.bulk(formatVolume(quantity, units), label)];
    case "ON_HAND":
      return [words.onHand(formatVolume(quantity, units), label)];
    case "YOUNG_PLANTS":
      return [words.youngPlants(quantity, label)];
    case "SEED":
      return [words.seed(quantity, label)];
    case "BOARDS":
    case "PIECES":
      return [];
  }
}

export function formatLift({ what, kilograms }: Lift, units: Units): string {
  return words.lift(what, formatMass(kilograms, units));
}

/** What is said where a task asks for two to lift; undefined where nothing is heavy. */
export function withTwo({ lift }: PlannedTask, units: Units): string | undefined {
  return lift?.byTwo === true ? words.withTwo(lift.what, formatMass(lift.kilograms, units)) : undefined;
}
