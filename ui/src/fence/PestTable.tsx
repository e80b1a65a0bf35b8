import type { ReactNode } from "react";
import type { Plan } from "../api/types";
import { allNamed } from "../capabilities";
import { useDesk } from "../workspace/desk";
import type { Hole, PestRow } from "./fence";
import { words } from "./words";

/** What stops each pest, and where it gets in; a hole is a button that shows where it is. */
export function PestTable() {
  const { plan, report } = useDesk();
  const rows = report?.fencing.pests ?? [];
  if (rows.length === 0) return null;
  return (
    <table className="w-full table-fixed text-sm" data-testid="pest-table">
      <caption className="text-left text-soft">{words.table}</caption>
      <thead>
        <tr className="text-soft">
          {words.heads.map((head) => (
            <th key={head} scope="col" className="pl-2 text-left font-normal first:pl-0">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.pest} className="border-t border-hair align-top">
            <th scope="row" className="py-1 text-left font-normal">
              {nameOf(row.pest, plan)}
            </th>
            <Cell>{stopped(row, plan)}</Cell>
            <Cell>
              <GetsIn row={row} />
            </Cell>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Cell({ children }: { children: ReactNode }) {
  return <td className="py-1 pl-2">{children}</td>;
}

function nameOf(id: string, plan: Plan): string {
  return allNamed(plan).find((each) => each.id === id)?.name ?? "";
}

function stopped(row: PestRow, plan: Plan): string {
  if (!row.needs) return words.net;
  return row.stoppedBy.map((id) => nameOf(id, plan)).join(", ") || words.nothingStops;
}

function GetsIn({ row }: { row: PestRow }) {
  if (!row.needs || row.open.length === 0) return "–";
  if (row.holes.length === 0) return words.openGround;
  return row.holes.map((hole, index) => <HoleButton key={index} hole={hole} />);
}

function HoleButton({ hole }: { hole: Hole }) {
  const desk = useDesk();
  return (
    <button
      type="button"
      className="text-button block w-full text-left text-sm text-snag"
      onClick={() => {
        desk.select([hole.thing]);
      }}
    >
      {hole.name}: {hole.flaws.map(({ reason }) => words.reasons[reason]).join(", ")}
    </button>
  );
}
