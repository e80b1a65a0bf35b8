import { useWholeLedger } from "../api/queries";
import type { LedgerEntry, Money } from "../api/types";
import { formatAmount } from "../measure/figures";
import { sumOf, type Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { partName } from "./words";
import { useDesk } from "../workspace/desk";

/** One line of a receipt with the receipt that it stands on. */
interface ReceiptLine {
  key: string;
  entry: LedgerEntry;
  line: LedgerEntry["lines"][number];
  state: string;
  counts: Money | undefined;
}

/** Every line of every receipt and order. */
export function ReceiptsPaper() {
  const { plan, garden } = useDesk();
  const entries = useWholeLedger(plan.id, garden.revision);
  const rows = entries?.flatMap((entry) =>
    entry.lines.map((line, index): ReceiptLine => {
      const state = stateOf(entry);
      return {
        key: `${entry.id} ${String(index)}`,
        entry,
        line,
        state,
        counts: state === "ordered, paid since" ? undefined : line.cost,
      };
    }),
  );
  const path = `/api/gardens/${plan.id}/ledger/table`;
  const { currency } = plan.budget.sum;
  const columns: Column<ReceiptLine>[] = [
    { key: "date", head: "Date", value: ({ entry }) => entry.date },
    { key: "shop", head: "Shop", value: ({ entry }) => entry.shop, groups: true },
    { key: "what", head: "What", value: ({ line }) => line.text },
    { key: "part", head: "Part of the work", value: ({ line }) => partName(line.part), groups: true },
    { key: "state", head: "State", value: ({ state }) => state, groups: true },
    { key: "quantity", head: "Quantity", value: ({ line }) => line.quantity, figures: true },
    {
      key: "cost",
      head: `Cost, ${currency}`,
      value: ({ line }) => Number(line.cost.amount),
      text: ({ line }) => formatAmount(line.cost),
      figures: true,
      sum: (lines) => sumOf(lines.map(({ counts }) => counts)),
    },
  ];
  return (
    <Paper
      title="Receipts"
      rows={rows}
      columns={columns}
      rowKey={({ key }) => key}
      empty="No receipt yet."
      files={[
        { label: "CSV", href: `${path}.csv` },
        { label: "XLSX", href: `${path}.xlsx` },
      ]}
    />
  );
}

function stateOf({ ordered, settled, reversed, reverses }: LedgerEntry): string {
  if (reversed) return "taken back";
  if (reverses) return "takes one back";
  if (!ordered) return "paid";
  return settled ? "ordered, paid since" : "ordered";
}
