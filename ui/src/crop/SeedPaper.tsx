import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { formatAmount } from "../measure/figures";
import { sumOf, type Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { useBedNames } from "./plantings";
import { words } from "./words";

type SeedLine = components["schemas"]["SeedLine"];

const some = (count: number) => (count === 0 ? "" : String(count));

/** Seed and plants to buy for the season, variety by variety. */
export function SeedPaper() {
  const { plan, garden, season } = useDesk();
  const bedName = useBedNames();
  const { data } = useQuery({
    queryKey: ["seeds", plan.id, garden.revision, season],
    queryFn: () =>
      request<SeedLine[]>("GET", `/api/gardens/${plan.id}/plantings/seeds?season=${String(season)}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const bedOf = new Map(plan.plantings.map(({ id, bed }) => [id, bed]));
  const bedsOf = ({ plantings }: SeedLine) => [...new Set(plantings.map((id) => bedOf.get(id) ?? ""))];
  const { currency } = plan.budget.sum;
  const columns: Column<SeedLine>[] = [
    { key: "name", head: words.cropHead, value: ({ name }) => name },
    { key: "item", head: words.itemHead, value: ({ item }) => item, groups: true },
    { key: "pieces", head: words.piecesHead, value: ({ pieces }) => pieces, figures: true },
    { key: "own", head: words.ownHead, value: ({ own }) => own, text: ({ own }) => some(own), figures: true },
    {
      key: "missing",
      head: words.missingHead,
      value: ({ missing }) => missing,
      text: ({ missing }) => some(missing),
      figures: true,
    },
    { key: "packs", head: words.packsHead, value: ({ packs }) => packs, figures: true },
    {
      key: "price",
      head: words.priceHead(currency),
      value: ({ price }) => (price ? Number(price.amount) : null),
      text: ({ price }) => (price ? formatAmount(price) : ""),
      figures: true,
    },
    {
      key: "cost",
      head: words.costHead(currency),
      value: ({ cost }) => (cost ? Number(cost.amount) : null),
      text: ({ cost }) => (cost ? formatAmount(cost) : words.noPrice),
      figures: true,
      sum: (rows) => sumOf(rows.map(({ cost }) => cost)),
    },
    {
      key: "beds",
      head: words.forBeds,
      value: (line) =>
        bedsOf(line)
          .map((id) => bedName(id))
          .join(", "),
    },
  ];
  return (
    <Paper
      title={words.seedTitle}
      rows={data}
      columns={columns}
      rowKey={({ crop, name, item }) => `${crop} ${name} ${item}`}
      concerns={bedsOf}
      empty={words.nothingToBuy}
    />
  );
}
