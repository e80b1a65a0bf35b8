import { Paper } from "../papers/Paper";
import type { Column } from "../papers/columns";
import { byName } from "../parts/byName";
import { formatDay } from "../measure/halfMonths";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import { usePlantedRows, type PlantedRow } from "./plantings";
import { words } from "./words";

/** A card for each bed, to print, cut out and put up beside it: what grows there, how far apart, and when. */
export function BedCardsPaper() {
  const { plan, season, units } = useDesk();
  const rows = usePlantedRows();
  const cards = byName([...new Set(rows.map(({ bed }) => bed))].map((name) => ({ name })));
  const text = (key: string, head: string, value: (row: PlantedRow) => string): Column<PlantedRow> => ({
    key,
    head,
    value,
  });
  const columns: Column<PlantedRow>[] = [
    text("bed", "Bed", ({ bed }) => bed),
    text("crop", words.cropHead, ({ planting }) => planting.name),
    text("from", words.fromHead, ({ planting }) => planting.from),
    text("until", words.until, ({ planting }) => planting.until),
  ];
  return (
    <Paper
      title={words.cardsTitle}
      rows={rows}
      columns={columns}
      rowKey={({ planting }) => planting.id}
      empty={words.none}
      instead={
        <div className="min-h-0 grow overflow-auto p-4 print:overflow-visible print:p-0">
          {plan.plantings.length === 0 && <p className="text-soft">{words.none}</p>}
          <div className="grid grid-cols-[repeat(auto-fill,minmax(18rem,1fr))] gap-3 print:grid-cols-2">
            {cards.map(({ name }) => (
              <article key={name} className="break-inside-avoid border border-ink p-3" data-testid="bed-card">
                <h3 className="flex items-baseline border-b border-ink text-lg">
                  <span className="min-w-0 grow wrap-break-word">{name}</span>
                  <span className="figures text-base text-soft">{season}</span>
                </h3>
                {rows
                  .filter(({ bed }) => bed === name)
                  .map(({ planting, told }) => (
                    <div key={planting.id} className="pt-1.5">
                      <p className="font-semibold">{planting.name}</p>
                      <p className="text-sm">
                        {told.indoors !== undefined && `${words.indoors(formatDay(told.indoors, season))} `}
                        {words.from[planting.raising]} {formatDay(planting.from, season)}.{" "}
                        {told.yield > 0 && `${words.ripe(formatDay(told.ripe, season))} `}
                        {words.until} {formatDay(planting.until, season)}.
                      </p>
                      <p className="text-sm">
                        {words.plants(told.count)}
                        {planting.layout !== "SINGLE" &&
                          `, ${words.spaced(formatLength(told.plantsApart, units), planting.layout.startsWith("ROWS") ? formatLength(told.rowsApart, units) : undefined)}`}
                        .
                      </p>
                    </div>
                  ))}
              </article>
            ))}
          </div>
        </div>
      }
    />
  );
}
