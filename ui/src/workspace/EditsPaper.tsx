import { useHistory } from "../api/queries";
import type { HistoryEntry } from "../api/types";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "./desk";

const KINDS: Record<string, string> = { UNDO: "undone", REDO: "made again", EDIT: "made" };

const COLUMNS: Column<HistoryEntry>[] = [
  {
    key: "when",
    head: "When",
    value: ({ madeAt }) => madeAt,
    text: ({ madeAt }) => new Date(madeAt).toLocaleString(),
  },
  { key: "who", head: "Who", value: ({ madeBy }) => madeBy, groups: true },
  { key: "what", head: "What", value: ({ words }) => words },
  { key: "kind", head: "Was", value: ({ kind }) => KINDS[kind] ?? kind, groups: true },
];

/** Who changed what and when, the newest first. */
export function EditsPaper() {
  const { plan, garden } = useDesk();
  const { data } = useHistory(plan.id, garden.revision, true);
  return (
    <Paper
      title="Edits"
      rows={data}
      columns={COLUMNS}
      rowKey={({ id }) => String(id)}
      empty="Nothing has been edited yet."
    />
  );
}
