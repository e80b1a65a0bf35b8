import { formatAmount, formatMoney } from "../measure/figures";
import { sumOf, type Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { partName } from "../purse/words";
import { useDesk } from "../workspace/desk";
import { useShopping, type ToBuy } from "./useShopping";
import { words } from "./words";

interface Row extends ToBuy {
  shop: string;
  bought: boolean;
}

/** What is still to be bought for the season, shop by shop. */
export function ShoppingPaper() {
  const { plan, season } = useDesk();
  const { data } = useShopping(plan.id, season);
  const { currency } = plan.budget.sum;
  const ticked = new Set(data?.ticked);
  const rows = data?.list.shops.flatMap(({ shop, things }) =>
    things.map((thing): Row => ({ ...thing, shop: shop ?? "wherever", bought: ticked.has(thing.item) })),
  );
  const columns: Column<Row>[] = [
    { key: "shop", head: "Shop", value: ({ shop }) => shop, groups: true },
    { key: "part", head: "Part of the work", value: ({ part }) => partName(part), groups: true },
    { key: "what", head: "What", value: ({ label }) => label },
    { key: "quantity", head: "Quantity", value: ({ quantity }) => Number(quantity), figures: true },
    {
      key: "each",
      head: `Each, ${currency}`,
      value: ({ each }) => (each ? Number(each.amount) : null),
      text: ({ each }) => (each ? formatAmount(each) : ""),
      figures: true,
    },
    {
      key: "amount",
      head: `Amount, ${currency}`,
      value: ({ amount }) => (amount ? Number(amount.amount) : null),
      text: ({ amount }) => (amount ? formatAmount(amount) : "no price"),
      figures: true,
      sum: (lines) => sumOf(lines.map(({ amount }) => amount)),
    },
    { key: "bought", head: "Ticked", value: ({ bought }) => (bought ? "bought" : ""), groups: true },
  ];
  return (
    <Paper
      title={`Shopping list of ${String(season)}`}
      rows={rows}
      columns={columns}
      rowKey={({ item }) => item}
      groupedBy="shop"
      empty={words.nothingToBuy(season)}
      files={[{ label: "PDF", href: `/api/gardens/${plan.id}/shopping/list.pdf?season=${String(season)}` }]}
    >
      {data && (
        <>
          Together <span className="figures">{formatMoney(data.list.total)}</span>. On a phone the list is
          ticked off, also without a signal:{" "}
          <a className="text-button" href={`/gardens/${plan.id}/shopping?season=${String(season)}`}>
            the list for the shop
          </a>
        </>
      )}
    </Paper>
  );
}
