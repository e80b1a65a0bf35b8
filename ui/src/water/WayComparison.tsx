import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { formatMoney, formatShare } from "../measure/figures";
import { formatWater } from "../measure/water";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { trying } from "../workspace/trying";
import { formatMinutes } from "./months";
import type { WateringChoice } from "./water";
import { words } from "./words";

const MINUTES = 60;

/** Dripline and drilled hose side by side for the same beds; rest on one to see it, press to lay it. */
export function WayComparison({ beds }: { beds: readonly string[] }) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({
    queryKey: ["ways", desk.plan.id, desk.garden.revision, desk.season, beds],
    queryFn: () =>
      request<WateringChoice[]>(
        "POST",
        `/api/gardens/${desk.plan.id}/water/comparison?season=${String(desk.season)}`,
        { beds },
      ),
    enabled: open,
    staleTime: Infinity,
    retry: false,
  });
  return (
    <details
      data-testid="ways"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">{words.compareWays(beds.length)}</summary>
      {open && error && (
        <p role="alert" className="text-snag">
          {error.message}
        </p>
      )}
      {open && !error && (data ? <Choices choices={data} /> : <p className="text-soft">{words.working}</p>)}
    </details>
  );
}

function Choices({ choices }: { choices: readonly WateringChoice[] }) {
  const desk = useDesk();
  const { units } = desk;
  const row = (head: string, cell: (choice: WateringChoice) => string) => ({
    key: head,
    head,
    cells: choices.map(cell),
  });
  return (
    <div className="space-y-1 py-1">
      <SmallTable
        heads={[{ text: "" }, ...choices.map(({ way }) => ({ text: words.ways[way] }))]}
        rows={[
          row(words.costs, ({ cost }) => (cost ? formatMoney(cost) : words.priceMissing)),
          row(words.aYear, ({ perYear }) => (perYear ? formatMoney(perYear) : words.priceMissing)),
          row(words.lasts, ({ years }) => words.years(years)),
          row(words.toLay, ({ hours }) => formatMinutes(hours * MINUTES)),
          row(words.waterAYear, ({ figures }) =>
            figures?.season === undefined ? words.weatherUnknown : formatWater(figures.season, units),
          ),
          row(words.weekByThumb, ({ figures }) => (figures ? formatMinutes(figures.minutes) : "")),
          row(words.evenness, ({ figures }) => (figures ? formatShare(figures.evenness) : "")),
          row(words.allGet, ({ figures }) => (figures?.enough ? words.yes : words.no)),
        ]}
      />
      <div className="flex flex-wrap gap-2">
        {choices.map(({ way, change }) => (
          <button
            key={way}
            type="button"
            className="plain-button"
            {...trying(desk, change)}
            onClick={() => {
              desk.tryOut(null);
              desk.submit(change);
            }}
          >
            {words.layWay(words.ways[way])}
          </button>
        ))}
      </div>
      <p className="text-xs text-soft">{words.comparedHow}</p>
    </div>
  );
}
