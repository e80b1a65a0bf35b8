import type { Version } from "../api/types";
import { formatAmount, formatArea } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "./desk";
import { useVersions } from "./useVersions";

/** The versions of the garden in figures. */
export function VariantsPaper() {
  const { plan, garden, season, units } = useDesk();
  const { data } = useVersions(plan.id, garden.revision, season);
  const { currency } = plan.budget.sum;
  const columns: Column<Version>[] = [
    {
      key: "name",
      head: "Version",
      value: ({ name, main }) => (main ? `${name} (the garden itself)` : name),
    },
    { key: "from", head: "Differs from", value: ({ from, main }) => (main ? "" : String(from)) },
    { key: "beds", head: `Beds in ${String(season)}`, value: ({ beds }) => beds.length, figures: true },
    {
      key: "growing",
      head: "Growing area",
      value: ({ growing }) => growing,
      text: ({ growing }) => formatArea(growing, units),
      figures: true,
    },
    {
      key: "edge",
      head: "Edges",
      value: ({ edge }) => edge,
      text: ({ edge }) => formatLength(edge, units),
      figures: true,
    },
    {
      key: "planned",
      head: `Planned, ${currency}`,
      value: ({ planned }) => Number(planned.amount),
      text: ({ planned }) => formatAmount(planned),
      figures: true,
    },
    { key: "snags", head: "Snags", value: ({ snags }) => snags, figures: true },
    { key: "serious", head: "Serious", value: ({ serious }) => serious, figures: true },
  ];
  return (
    <Paper
      title="Variants"
      rows={data}
      columns={columns}
      rowKey={(version) => version.garden}
      empty="There are no versions."
    />
  );
}
