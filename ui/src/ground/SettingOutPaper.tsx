import { useSettingOut } from "../api/queries";
import { formatDimension } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { BaseLineWords } from "./BaseLineWords";

interface Stake {
  bed: string;
  name: string;
  corner: number;
  fromFirst: number;
  fromSecond: number;
  along: number;
  off: number;
}

/** Where the stakes of the season go: every corner by two tapes, and by offsets from the base line. */
export function SettingOutPaper() {
  const { plan, garden, season, units } = useDesk();
  const { data } = useSettingOut(plan.id, garden.revision, season, true);
  const rows = data?.beds.flatMap(({ bed, name, corners }) =>
    corners.map((mark, index): Stake => ({ bed, name, corner: index + 1, ...mark })),
  );
  const tape = (key: "fromFirst" | "fromSecond" | "along" | "off", head: string): Column<Stake> => ({
    key,
    head,
    value: (stake) => stake[key],
    text: (stake) => formatDimension(stake[key], units),
    figures: true,
  });
  const columns: Column<Stake>[] = [
    { key: "bed", head: "Bed", value: ({ name }) => name, groups: true },
    { key: "corner", head: "Corner", value: ({ corner }) => corner, figures: true },
    tape("fromFirst", "From peg A"),
    tape("fromSecond", "From peg B"),
    tape("along", "Along the base line"),
    tape("off", "Off the base line"),
  ];
  return (
    <Paper
      title={`Setting out in ${String(season)}`}
      rows={rows}
      columns={columns}
      rowKey={({ bed, corner }) => `${bed} ${String(corner)}`}
      groupedBy="bed"
      concerns={({ bed }) => [bed]}
      empty="No bed to set out in this season."
      files={[{ label: "PDF", href: `/api/gardens/${plan.id}/setting-out.pdf?season=${String(season)}` }]}
    >
      {data && (
        <p>
          <BaseLineWords out={data} units={units} /> {words.digCaution}
        </p>
      )}
    </Paper>
  );
}
