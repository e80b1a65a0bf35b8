import type { Catalogue } from "../api/types";
import { formatAmount } from "../measure/figures";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { TextField } from "../parts/TextField";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import { usePrices } from "./usePrices";

type Item = Catalogue["items"][number];

/** What everything that is sold costs: each price can be typed here. */
export function PricesPaper() {
  const { catalogue, report, plan } = useDesk();
  const { priceOf, askedFor, put, faults } = usePrices();
  const wanted = new Map<string, number>();
  for (const { item, quantity } of report?.bill ?? []) wanted.set(item, (wanted.get(item) ?? 0) + quantity);
  const columns: Column<Item>[] = [
    { key: "item", head: "What", value: ({ label }) => label },
    {
      key: "called",
      head: "On the bill",
      value: ({ key }) => (wanted.has(key) ? "on the bill" : "not on the bill"),
      groups: true,
    },
    { key: "quantity", head: "Quantity", value: ({ key }) => wanted.get(key) ?? null, figures: true },
    {
      key: "state",
      head: "Where the price is from",
      value: ({ key }) => stateOf(key),
      groups: true,
    },
    {
      key: "price",
      head: `Each, ${plan.budget.sum.currency}`,
      value: ({ key }) => {
        const amount = askedFor(key) ?? priceOf(key)?.amount;
        return amount ? Number(amount.amount) : null;
      },
      cell: ({ key, label }) => {
        const asked = askedFor(key);
        return asked ? (
          formatAmount(asked)
        ) : (
          <span className="ml-auto block w-28">
            <TextField
              label={`Price of ${label}`}
              hideLabel
              figures
              value={priceOf(key)?.amount.amount ?? ""}
              fault={faults[key]}
              onCommit={(text) => {
                put(key, text);
              }}
            />
          </span>
        );
      },
      figures: true,
    },
  ];

  const items = [...catalogue.items].sort((a, b) => Number(wanted.has(b.key)) - Number(wanted.has(a.key)));

  function stateOf(item: string): string {
    if (askedFor(item)) return "asked in a shop";
    const price = priceOf(item);
    return price ? (price.guess ? words.guess : "typed") : "no price";
  }

  return (
    <Paper
      title="Price book"
      rows={items}
      columns={columns}
      rowKey={({ key }) => key}
      groupedBy="called"
      empty="Nothing is sold."
    />
  );
}
