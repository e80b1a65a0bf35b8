import type { BedAppraisal } from "../api/types";
import { formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";

/** How much each bed of the season holds. */
export function FillPaper() {
  const { report, season, units } = useDesk();
  const columns: Column<BedAppraisal>[] = [
    { key: "bed", head: "Bed", value: ({ name }) => name },
    {
      key: "deep",
      head: "Filled to",
      value: ({ fillDepth }) => fillDepth,
      text: ({ fillDepth }) => formatLength(fillDepth, units),
      figures: true,
    },
    {
      key: "holds",
      head: "Holds",
      value: ({ fill }) => fill,
      text: ({ fill }) => formatVolume(fill, units),
      figures: true,
      sum: (beds) =>
        formatVolume(
          beds.reduce((sum, { fill }) => sum + fill, 0),
          units,
        ),
    },
  ];
  return (
    <Paper
      title={`Fill of each bed in ${String(season)}`}
      rows={report?.beds.filter(({ fill }) => fill > 0)}
      columns={columns}
      rowKey={({ bed }) => bed}
      concerns={({ bed }) => [bed]}
      empty="No bed takes soil from elsewhere."
    />
  );
}
