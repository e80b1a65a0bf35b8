import type { Arrangement } from "../api/types";
import { formatAmount, formatArea } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { useArrangementsFound } from "./arrangementsFound";

/** The layouts that the last search found, side by side in figures. */
export function ArrangementsPaper() {
  const { plan, season, units, catalogue, submit, read } = useDesk();
  const found = useArrangementsFound(plan.id, season);
  const { currency } = plan.budget.sum;
  const mannerOf = ({ manner }: Arrangement) =>
    catalogue.layouts.find(({ key }) => key === manner)?.label ?? "";
  const columns: Column<Arrangement>[] = [
    { key: "manner", head: "Manner", value: mannerOf },
    { key: "beds", head: "Beds", value: ({ beds }) => beds.length, figures: true },
    {
      key: "growing",
      head: "Growing area",
      value: ({ growing }) => growing,
      text: ({ growing }) => formatArea(growing, units),
      figures: true,
    },
    {
      key: "walks",
      head: "Walks",
      value: ({ walks }) => walks,
      text: ({ walks }) => formatArea(walks, units),
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
      key: "detour",
      head: "Longest way round a bed",
      value: ({ detour }) => detour,
      text: ({ detour }) => formatLength(detour, units),
      figures: true,
    },
    {
      key: "sun",
      head: "Sun in the growing months",
      value: ({ sun }) => sun,
      text: ({ sun }) => words.sunADay(sun),
      figures: true,
    },
    {
      key: "cost",
      head: `Frames and fill, ${currency}`,
      value: ({ cost }) => Number(cost.amount),
      text: ({ cost, unpriced }) =>
        unpriced > 0 ? `${formatAmount(cost)} and unpriced` : formatAmount(cost),
      figures: true,
    },
    {
      key: "take",
      head: "Take",
      value: () => null,
      buttons: true,
      cell: (arrangement) => (
        <button
          type="button"
          className="text-button text-sm whitespace-nowrap print:hidden"
          aria-label={`Take over ${mannerOf(arrangement)} with ${String(arrangement.beds.length)} beds`}
          onClick={() => {
            submit(arrangement.change);
            read(null);
          }}
        >
          Take it over
        </button>
      ),
    },
  ];
  return (
    <Paper
      title={`Arrangements for ${String(season)}`}
      rows={found}
      columns={columns}
      rowKey={(arrangement) => String(found.indexOf(arrangement))}
      empty={words.noArrangements}
    />
  );
}
