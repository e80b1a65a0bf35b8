import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { formatDay } from "../measure/halfMonths";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import { usePlantedRows, type PlantedRow } from "./plantings";
import { words } from "./words";

/** A label for each planting, 9 x 3 cm on paper, to cut out and put on a stick. */
export function LabelsPaper() {
  const { plan, season, units } = useDesk();
  const rows = usePlantedRows();
  rows.sort((a, b) => a.bed.localeCompare(b.bed));
  const columns: Column<PlantedRow>[] = [
    { key: "crop", head: words.cropHead, value: ({ planting }) => planting.name },
    { key: "bed", head: "Bed", value: ({ bed }) => bed },
    { key: "from", head: words.fromHead, value: ({ planting }) => planting.from },
  ];
  return (
    <Paper
      title={words.labelsTitle}
      rows={rows}
      columns={columns}
      rowKey={({ planting }) => planting.id}
      empty={words.none}
      instead={
        <div className="flex min-h-0 grow flex-wrap content-start gap-[2mm] overflow-auto p-4 print:overflow-visible print:p-0">
          {plan.plantings.length === 0 && <p className="text-soft">{words.none}</p>}
          {rows.map(({ planting, told, bed }) => (
            <article
              key={planting.id}
              className="flex h-[30mm] w-[90mm] max-w-full break-inside-avoid flex-col justify-center overflow-hidden border border-ink px-[4mm]"
              data-testid="plant-label"
            >
              <h3 className="truncate text-xl leading-tight">{planting.name}</h3>
              <p className="truncate text-sm">
                {bed}, <span className="figures">{season}</span>
              </p>
              <p className="truncate text-sm">
                {words.from[planting.raising]} {formatDay(planting.from, season)}
                {told.yield > 0 && `; ${words.ripeShort(formatDay(told.ripe, season))}`}
              </p>
              {planting.layout !== "SINGLE" && (
                <p className="truncate text-sm">
                  {words.spaced(
                    formatLength(told.plantsApart, units),
                    planting.layout.startsWith("ROWS") ? formatLength(told.rowsApart, units) : undefined,
                  )}
                </p>
              )}
            </article>
          ))}
        </div>
      }
    />
  );
}
