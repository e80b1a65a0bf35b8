import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import type { PipeRolls, Roll } from "./water";
import { words } from "./words";

interface Row {
  rolls: PipeRolls;
  roll: Roll;
  key: string;
}

/** Which rolls are bought for a season, and what is cut from each. */
export function PipesPaper() {
  const { plan, garden, season, units } = useDesk();
  const { data } = useQuery({
    queryKey: ["rolls", plan.id, garden.revision, season],
    queryFn: () =>
      request<PipeRolls[]>("GET", `/api/gardens/${plan.id}/water/rolls?season=${String(season)}`),
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  const length = (metres: number) => formatLength(metres, units);
  const rows = data?.flatMap((rolls) =>
    rolls.rolls.map((roll, index): Row => ({ rolls, roll, key: `${rolls.pipe} ${String(index)}` })),
  );
  const columns: Column<Row>[] = [
    { key: "material", head: words.rollOf, value: ({ rolls }) => rolls.material, groups: true },
    {
      key: "length",
      head: words.rollLength,
      value: ({ roll }) => roll.length,
      text: ({ roll }) => length(roll.length),
      figures: true,
      sum: (lines) => length(lines.reduce((sum, { roll }) => sum + roll.length, 0)),
    },
    { key: "pieces", head: words.cutInto, value: ({ roll }) => piecesOf(roll, length) },
    {
      key: "rest",
      head: words.rest,
      value: ({ roll }) => roll.rest,
      text: ({ roll }) => length(roll.rest),
      figures: true,
      sum: (lines) => length(lines.reduce((sum, { roll }) => sum + roll.rest, 0)),
    },
  ];
  return (
    <Paper
      title={words.rolls(season)}
      rows={rows}
      columns={columns}
      rowKey={({ key }) => key}
      groupedBy="material"
      empty={words.noRolls}
    >
      <p className="text-sm">{words.rollsExplained}</p>
      {data
        ?.filter(({ couplings }) => couplings > 0)
        .map(({ pipe, material, couplings }) => (
          <p key={pipe} className="text-sm">
            {words.couplings(couplings, material)}
          </p>
        ))}
    </Paper>
  );
}

/** "Yard pipe 4.10 m, 4 × Rope bed 2.26 m": pieces of one name and length together, as one reads them. */
function piecesOf({ pieces }: Roll, length: (metres: number) => string): string {
  const alike = new Map<string, { of: string; told: string; count: number }>();
  for (const piece of pieces) {
    const told = length(piece.length);
    const key = `${piece.of} ${told}`;
    const same = alike.get(key);
    alike.set(key, { of: piece.of, told, count: (same?.count ?? 0) + 1 });
  }
  return [...alike.values()].map(({ of, told, count }) => words.piece(count, of, told)).join(", ");
}
