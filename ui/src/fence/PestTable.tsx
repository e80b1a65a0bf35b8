import { allNamed } from "../capabilities";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import type { Hole, PestRow } from "./fence";
import { words } from "./words";

/** What stops each pest, and where it gets in; a hole is a button that shows where it is. */
export function PestTable() {
  const desk = useDesk();
  const rows = desk.report?.fencing.pests ?? [];
  if (rows.length === 0) return null;
  const [first, second, third] = words.heads;
  return (
    <div data-testid="pest-table">
      <SmallTable
        caption={words.table}
        heads={[{ text: first }, { text: second }, { text: third }]}
        rows={rows.map((row) => ({
          key: row.pest,
          head: nameOf(row.pest, desk.plan),
          cells: [stopped(row, desk.plan), <GetsIn key="in" row={row} />],
        }))}
      />
    </div>
  );
}

function nameOf(id: string, plan: ReturnType<typeof useDesk>["plan"]): string {
  return allNamed(plan).find((each) => each.id === id)?.name ?? "";
}

function stopped(row: PestRow, plan: ReturnType<typeof useDesk>["plan"]) {
  if (!row.needs) return words.net;
  const names = row.stoppedBy.map((id) => nameOf(id, plan));
  return (
    <span className="whitespace-normal">{names.length > 0 ? names.join(", ") : words.nothingStops}</span>
  );
}

function GetsIn({ row }: { row: PestRow }) {
  if (!row.needs || row.open.length === 0) return "–";
  if (row.holes.length === 0) return words.openGround;
  return (
    <span className="whitespace-normal">
      {row.holes.map((hole, index) => (
        <HoleButton key={index} hole={hole} />
      ))}
    </span>
  );
}

function HoleButton({ hole }: { hole: Hole }) {
  const desk = useDesk();
  return (
    <button
      type="button"
      className="text-button block w-full text-right text-xs text-snag"
      onClick={() => {
        desk.select([hole.thing]);
      }}
    >
      {hole.name}: {hole.flaws.map(({ reason }) => words.reasons[reason]).join(", ")}
    </button>
  );
}
