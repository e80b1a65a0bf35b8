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
  { key: "who", head: "Who", value: ({ madeBy }) => madeBy ?? "", groups: true },
  { key: "what", head: "What", value: ({ words }) => words },
  { key: "kind", head: "Was", value: ({ kind }) => KINDS[kind] ?? kind, groups: true },
  {
    key: "back",
    head: "Back",
    value: () => null,
    cell: (entry) => <GoBack entry={entry} />,
    buttons: true,
  },
];

function GoBack({ entry }: { entry: HistoryEntry }) {
  const { queue } = useDesk();
  return (
    <button
      type="button"
      className="text-button text-sm whitespace-nowrap print:hidden"
      aria-label={`Go back to before: ${entry.words}`}
      onClick={() => {
        queue.add({ kind: "back", entry: entry.id });
      }}
    >
      Go back to before this
    </button>
  );
}

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
    >
      Going back is one edit, and Undo takes it back. Receipts stay as they are: what is paid is paid.
    </Paper>
  );
}
