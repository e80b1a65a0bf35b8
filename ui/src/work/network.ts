import type { WorkOfSeason } from "./tasks";

type StageTold = WorkOfSeason["stages"][number];
type Stage = StageTold["stage"];

/** A stage in the network: in which column and row it stands. */
export interface NetworkNode {
  stage: Stage;
  label: string;
  hours: number;
  column: number;
  row: number;
}

/** One stage comes before another, with nothing between that says so as well. */
export interface NetworkArrow {
  before: Stage;
  after: Stage;
  reason: string;
}

export interface Network {
  nodes: readonly NetworkNode[];
  arrows: readonly NetworkArrow[];
}

/**
 * Each stage stands in the column after the last one that it waits for, in the order of the work. An arrow that other
 * arrows say as well is left out.
 *
 * @param stages of the season, those that are waited for before those that wait
 */
export function networkOf(stages: readonly StageTold[]): Network {
  const column = new Map<Stage, number>();
  const rows = new Map<number, number>();
  const behind = new Map<Stage, Set<Stage>>();
  const nodes = stages.map(({ stage, label, hours, waits }): NetworkNode => {
    const known = waits.filter(({ before }) => column.has(before));
    const at = Math.max(0, ...known.map(({ before }) => (column.get(before) ?? 0) + 1));
    column.set(stage, at);
    behind.set(stage, new Set(known.flatMap(({ before }) => [before, ...(behind.get(before) ?? [])])));
    const row = rows.get(at) ?? 0;
    rows.set(at, row + 1);
    return { stage, label, hours, column: at, row };
  });
  const arrows = stages.flatMap(({ stage, waits }) =>
    waits
      .filter(
        ({ before }) =>
          column.has(before) &&
          !waits.some((other) => other.before !== before && behind.get(other.before)?.has(before) === true),
      )
      .map(({ before, reason }) => ({ before, after: stage, reason })),
  );
  return { nodes, arrows };
}
