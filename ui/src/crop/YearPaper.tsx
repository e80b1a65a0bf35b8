import { useState } from "react";
import { Paper } from "../papers/Paper";
import type { Column } from "../papers/columns";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { formatDay } from "../measure/halfMonths";
import { formatMass } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { FillGap } from "./FillGap";
import { PlantingForm } from "./PlantingForm";
import { useBedNames, usePlantings, type Planting, type PlantingTold } from "./plantings";
import { useGaps, type BedGap } from "./year";
import { YearChart } from "./YearChart";
import { words } from "./words";

interface Row {
  planting: Planting;
  told: PlantingTold;
  bed: string;
}

/** The year of all beds: what grows where from when to when, and where soil lies bare. */
export function YearPaper() {
  const { plan, season, units, outlines, select, selection } = useDesk();
  const bedName = useBedNames();
  const told = usePlantings();
  const gaps = useGaps();
  const [gap, setGap] = useState<BedGap | null>(null);
  const known = new Map(plan.plantings.map((planting) => [planting.id, planting]));
  const rows = told.flatMap((each): Row[] => {
    const planting = known.get(each.planting);
    return planting ? [{ planting, told: each, bed: bedName(planting.bed) }] : [];
  });
  const beds = byName([...outlines.keys()].map((id) => ({ id, name: bedName(id) })));
  const chosen = rows.find(({ planting }) => selection.has(planting.id));
  const open = gap && gaps.find((each) => JSON.stringify(each) === JSON.stringify(gap));
  const day = (key: string, head: string, of: (row: Row) => string): Column<Row> => ({
    key,
    head,
    value: of,
    text: (row) => formatDay(of(row), season),
  });
  const columns: Column<Row>[] = [
    { key: "bed", head: "Bed", value: ({ bed }) => bed, groups: true },
    { key: "crop", head: words.cropHead, value: ({ planting }) => planting.name },
    day("from", words.fromHead, ({ planting }) => planting.from),
    day("ripe", words.ripeHead, ({ told: { ripe } }) => ripe),
    day("until", words.until, ({ planting }) => planting.until),
    { key: "count", head: words.plantsHead, value: ({ told: { count } }) => count, figures: true },
    {
      key: "yield",
      head: words.yieldHead,
      value: ({ told: { yield: kilograms } }) => Number(kilograms.toFixed(1)),
      text: ({ told: { yield: kilograms } }) => formatMass(kilograms, units),
      figures: true,
    },
  ];
  return (
    <Paper
      title={words.yearTitle}
      rows={rows}
      columns={columns}
      rowKey={({ planting }) => planting.id}
      empty={words.none}
      instead={
        <div className="flex min-h-0 grow max-lg:flex-col">
          <YearChart
            beds={beds}
            plantings={rows}
            gaps={gaps}
            chosenGap={open}
            onGap={(next) => {
              select([]);
              setGap(next);
            }}
            onPlanting={(id) => {
              setGap(null);
              select([id]);
            }}
          />
          <aside
            aria-label={words.beside}
            className="w-80 shrink-0 overflow-y-auto border-l border-rule p-3 max-lg:w-full max-lg:border-t max-lg:border-l-0 print:hidden"
          >
            {chosen ? (
              <RovingList>
                <PlantingForm key={chosen.planting.id} {...chosen} />
              </RovingList>
            ) : open ? (
              <FillGap
                key={JSON.stringify(open)}
                gap={open}
                onPlanted={(id) => {
                  setGap(null);
                  select([id]);
                }}
              />
            ) : (
              <p className="text-soft">{words.yearHint}</p>
            )}
          </aside>
        </div>
      }
    />
  );
}
