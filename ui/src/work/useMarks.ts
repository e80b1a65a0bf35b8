import { useCutting } from "../api/queries";
import { useDesk } from "../workspace/desk";
import type { PlannedTask } from "./tasks";

const OF_BOARDS: readonly PlannedTask["stage"][] = ["FRAMES", "MESH", "GATES"];

/** The marks of the boards that go into what tasks are about, by the tasks' keys. */
export function useMarks(tasks: readonly PlannedTask[]): ReadonlyMap<string, readonly string[]> {
  const { plan, garden, season } = useDesk();
  const ofBoards = tasks.filter(({ stage }) => OF_BOARDS.includes(stage));
  const { data = [] } = useCutting(plan.id, garden.revision, "", ofBoards.length > 0);
  const pieces = data.filter((cutting) => cutting.season === season).flatMap((cutting) => cutting.pieces);
  return new Map(
    ofBoards.map(({ key, about }) => [
      key,
      pieces.filter(({ into }) => into.includes(about)).map(({ mark }) => mark),
    ]),
  );
}
