import type { BillLine } from "../api/types";
import { formatAmount } from "../measure/figures";
import type { Column } from "../papers/columns";
import { sumOf } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { acquiredName, partName } from "./words";
import { useDesk } from "../workspace/desk";
import { useItemLabels } from "./useItemLabels";

/** Every line of the bill over all seasons. */
export function BillPaper() {
  const { report, plan } = useDesk();
  const label = useItemLabels();
  const path = `/api/gardens/${plan.id}/bill`;
  const { currency } = plan.budget.sum;
  const columns: Column<BillLine>[] = [
    { key: "season", head: "Season", value: ({ season }) => String(season), groups: true },
    { key: "part", head: "Part of the work", value: ({ part }) => partName(part), groups: true },
    { key: "item", head: "What", value: ({ item }) => label(item) },
    { key: "quantity", head: "Quantity", value: ({ quantity }) => quantity, figures: true },
    {
      key: "price",
      head: `Each, ${currency}`,
      value: ({ price }) => (price ? Number(price.amount) : null),
      cell: ({ price }) => (price ? formatAmount(price) : <span className="text-ochre">no price</span>),
      figures: true,
    },
    {
      key: "amount",
      head: `Amount, ${currency}`,
      value: ({ amount }) => (amount ? Number(amount.amount) : null),
      text: ({ amount }) => (amount ? formatAmount(amount) : ""),
      figures: true,
      sum: (lines) => sumOf(lines.map(({ amount }) => amount)),
    },
    {
      key: "acquired",
      head: "How it is come by",
      value: ({ acquired }) => acquiredName(acquired),
      groups: true,
    },
  ];
  return (
    <Paper
      title="Bill"
      rows={report?.bill}
      columns={columns}
      rowKey={({ season, part, item }) => `${String(season)} ${part} ${item}`}
      groupedBy="season"
      concerns={({ beds, places }) => [...beds, ...places]}
      empty="Nothing has to be bought."
      files={[
        { label: "CSV", href: `${path}.csv` },
        { label: "XLSX", href: `${path}.xlsx` },
      ]}
    />
  );
}
