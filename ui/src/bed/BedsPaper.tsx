import type { BedAppraisal } from "../api/types";
import { formatAmount, formatArea, formatShare } from "../measure/figures";
import { formatDimension, formatLength } from "../measure/lengths";
import { sumOf, type Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";

/** The beds of the season with their sizes, what is reached of them and what each would cost alone. */
export function BedsPaper() {
  const { judged, report, season, units, plan } = useDesk();
  const { currency } = plan.budget.sum;
  const length = (key: string, head: string, of: (bed: BedAppraisal) => number): Column<BedAppraisal> => ({
    key,
    head,
    value: of,
    text: (bed) => formatDimension(of(bed), units),
    figures: true,
  });
  const missed = (bed: BedAppraisal) =>
    Math.max(0, ...bed.reach.map(({ unreached }) => unreached.area)) / (bed.soil || 1);
  const columns: Column<BedAppraisal>[] = [
    { key: "bed", head: "Bed", value: ({ name }) => name },
    length("length", "Length", ({ outline }) => outline.length),
    length("width", "Width", ({ outline }) => outline.width),
    {
      key: "height",
      head: "Height",
      value: ({ height }) => height,
      text: ({ height }) => (height === 0 ? "in the ground" : formatLength(height, units)),
      figures: true,
    },
    {
      key: "soil",
      head: "Soil",
      value: ({ soil }) => soil,
      text: ({ soil }) => formatArea(soil, units),
      figures: true,
      sum: (beds) =>
        formatArea(
          beds.reduce((sum, { soil }) => sum + soil, 0),
          units,
        ),
    },
    {
      key: "missed",
      head: "Out of somebody’s reach",
      value: missed,
      text: (bed) => (missed(bed) === 0 ? "none" : formatShare(missed(bed))),
      figures: true,
    },
    {
      key: "cost",
      head: `Alone, ${currency}`,
      value: ({ aloneCost }) => (aloneCost ? Number(aloneCost.amount) : null),
      text: ({ aloneCost }) => (aloneCost ? formatAmount(aloneCost) : ""),
      figures: true,
      sum: (beds) => sumOf(beds.map(({ aloneCost }) => aloneCost)),
    },
  ];
  return (
    <Paper
      title={`Beds in ${String(season)}`}
      rows={(judged ?? report)?.beds}
      columns={columns}
      rowKey={({ bed }) => bed}
      concerns={({ bed }) => [bed]}
      empty="No bed in this season."
    />
  );
}
