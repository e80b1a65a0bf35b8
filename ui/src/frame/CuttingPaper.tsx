import { useCutting } from "../api/queries";
import type { CuttingPlan } from "../api/types";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** Boards that are cut alike. */
interface Row {
  plan: CuttingPlan;
  cut: CuttingPlan["cutList"]["cuts"][number];
  key: string;
}

/** Every board that is cut, in every season. */
export function CuttingPaper() {
  const { plan, garden, catalogue, units } = useDesk();
  const { data } = useCutting(plan.id, garden.revision, "", true);
  const nameOf = (kinds: readonly { key: string; label: string }[], key: string) =>
    kinds.find((kind) => kind.key === key)?.label ?? key;
  const rows = data?.flatMap((each) =>
    each.cutList.cuts.map((cut, index): Row => {
      const { season, part, material, board } = each;
      return { plan: each, cut, key: [season, part, material, board, index].join(" ") };
    }),
  );
  const columns: Column<Row>[] = [
    { key: "season", head: "Season", value: ({ plan: { season } }) => String(season), groups: true },
    {
      key: "board",
      head: "Board",
      value: ({ plan: { material, board } }) =>
        `${nameOf(catalogue.materials, material)}, ${nameOf(catalogue.boards, board)}`,
      groups: true,
    },
    {
      key: "from",
      head: "From",
      value: ({ cut }) => (cut.fromShed ? "shed" : "shop"),
      groups: true,
    },
    {
      key: "times",
      head: "Boards",
      value: ({ cut }) => cut.times,
      figures: true,
      sum: (lines) => String(lines.reduce((sum, { cut }) => sum + cut.times, 0)),
    },
    {
      key: "stock",
      head: "Each",
      value: ({ cut }) => cut.stock,
      text: ({ cut }) => formatLength(cut.stock, units),
      figures: true,
    },
    {
      key: "pieces",
      head: "Is cut into",
      value: (row) => piecesOf(row, (metres) => formatLength(metres, units)),
    },
    {
      key: "rest",
      head: "Left over",
      value: ({ cut }) => cut.rest,
      text: ({ cut }) => formatLength(cut.rest, units),
      figures: true,
    },
  ];
  const seasons = [...new Set(data?.map(({ season }) => season))];
  return (
    <Paper
      title="Cutting"
      rows={rows}
      columns={columns}
      rowKey={({ key }) => key}
      groupedBy="board"
      concerns={({ plan: { pieces }, cut }) =>
        pieces.filter(({ length }) => cut.pieces.includes(length)).flatMap(({ into }) => into)
      }
      empty={words.noBoards}
      files={seasons.map((season) => ({
        label: `Cutting sheet ${String(season)} (PDF)`,
        href: `/api/gardens/${plan.id}/cutting.pdf?season=${String(season)}`,
      }))}
    />
  );
}

/** "2 × A 2.40 m, B 1.20 m", with the marks of the cutting sheet. */
function piecesOf({ plan, cut }: Row, format: (metres: number) => string): string {
  const marks = new Map(plan.pieces.map(({ mark, length }) => [length, mark]));
  return [...new Set(cut.pieces)]
    .map((length) => {
      const count = cut.pieces.filter((piece) => piece === length).length;
      const piece = `${marks.get(length) ?? ""} ${format(length)}`.trim();
      return count === 1 ? piece : `${String(count)} × ${piece}`;
    })
    .join(", ");
}
