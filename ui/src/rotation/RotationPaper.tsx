import type { Change, Plan } from "../api/types";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { byName } from "../parts/byName";
import { Fault } from "../parts/Fault";
import { useFieldEdit } from "../forms/useFieldEdit";
import { useDesk } from "../workspace/desk";
import { seasonName, seasonOfDay } from "../workspace/seasons";
import { useAsked } from "../workspace/useAsked";
import { cropId, idOf, useCropOptions, useGardenCrops } from "../variety/crops";
import { PlanYears } from "./PlanYears";
import { usePlannedYears } from "./usePlannedYears";
import { grownIn, hueOf, type YearsPlan } from "./years";
import { words } from "./words";

type Planting = Plan["plantings"][number];

interface Row {
  id: string;
  name: string;
}

/** So many seasons are shown from the one that is looked at on. */
const AHEAD = 6;

/** Beds by years: what grew, what grows, and what is planned; what grew before can be noted here. */
export function RotationPaper() {
  const { plan, season, catalogue } = useDesk();
  const planned = usePlannedYears();
  const beds = byName(plan.beds.map(({ id, name }) => ({ id, name })));
  const first = Math.min(plan.firstSeason, season) - catalogue.crops.seasonsBefore;
  const seasons = Array.from({ length: season + AHEAD - first }, (_, index) => first + index);
  const plantings = withFound(plan.plantings, planned.found);
  const columns: Column<Row>[] = [
    { key: "bed", head: "Bed", value: ({ name }) => name },
    ...seasons.map((each): Column<Row> => ({
      key: String(each),
      head: seasonName(each, plan.yearBegins),
      value: ({ id }) =>
        grownIn(plantings, id, each, plan.yearBegins)
          .map(({ name }) => name)
          .join(", "),
      cell: (row) => <Cell row={row} season={each} plantings={plantings} found={planned.found} />,
    })),
  ];
  return (
    <div className="flex h-full min-h-0 max-lg:block max-lg:overflow-y-auto">
      <div className="min-h-0 min-w-0 grow max-lg:h-[75dvh]">
        <Paper title={words.title} rows={beds} columns={columns} rowKey={({ id }) => id} empty={words.noBeds}>
          <p className="max-w-prose text-soft">{words.hint}</p>
        </Paper>
      </div>
      <aside
        aria-label={words.planTitle}
        className="w-84 shrink-0 overflow-y-auto border-l border-rule bg-paper p-3 max-lg:w-full max-lg:border-t max-lg:border-l-0 print:hidden"
      >
        <PlanYears planned={planned} />
      </aside>
    </div>
  );
}

/** As it would be with what is proposed. */
function withFound(plantings: readonly Planting[], found: YearsPlan | undefined): readonly Planting[] {
  if (!found) return plantings;
  const gone = new Set([...found.removed, ...found.plantings.map(({ id }) => id)]);
  return [...plantings.filter(({ id }) => !gone.has(id)), ...found.plantings];
}

interface CellProps {
  row: Row;
  season: number;
  plantings: readonly Planting[];
  found: YearsPlan | undefined;
}

/** Parts of a bed that grow the same at the same time are told together. */
function alike(plantings: readonly Planting[]): [Planting, ...Planting[]][] {
  const together = new Map<string, [Planting, ...Planting[]]>();
  for (const planting of plantings) {
    const key = `${planting.name} ${planting.from} ${planting.until}`;
    const others = together.get(key);
    if (others) others.push(planting);
    else together.set(key, [planting]);
  }
  return [...together.values()];
}

function Cell({ row, season, plantings, found }: CellProps) {
  const { plan, submit } = useDesk();
  const { faults, edit } = useFieldEdit();
  const { ask, fault, setFault } = useAsked<Change>();
  const { crops } = useGardenCrops();
  const options = useCropOptions(crops.filter(({ crop }) => crop.perennial === undefined));
  const families = new Map(crops.map((view) => [idOf(view), view.family]));
  const familyOf = (planting: Planting) => families.get(cropId(planting)) ?? families.get(planting.crop);

  async function note(id: string) {
    const view = crops.find((each) => idOf(each) === id);
    if (!view) return;
    const { key: crop, variety } = view.crop;
    const change = await ask("plantings/noted", {
      body: { crop, variety, beds: [row.id] },
      besides: { season: String(season) },
    });
    if (change) submit(change, setFault);
  }

  const known = new Set(plan.plantings.map(({ id }) => id));
  const locked = new Set(plan.plantingLocks.map(({ planting }) => planting));
  const before = season < plan.firstSeason;
  const lasting = plantings.filter(
    ({ bed, from, until }) =>
      bed === row.id &&
      seasonOfDay(from, plan.yearBegins) < season &&
      seasonOfDay(until, plan.yearBegins) > season,
  );
  return (
    <>
      <ul className="space-y-0.5 text-sm leading-tight">
        {alike([...lasting, ...grownIn(plantings, row.id, season, plan.yearBegins)]).map((some) => {
          const [first] = some;
          const { id, name } = first;
          const family = familyOf(first);
          const fresh = found !== undefined && !known.has(id);
          return (
            <li
              key={id}
              title={family}
              className={`flex flex-wrap items-baseline gap-x-1 px-1 ${fresh ? "border border-dashed border-mark" : ""}`}
              style={{ background: hueOf(family ?? "") }}
            >
              {some.length > 1 ? words.parts(name, some.length) : name}
              {some.every((each) => locked.has(each.id)) && (
                <span className="text-xs text-soft">{words.locked}</span>
              )}
              {fresh && <span className="sr-only">{words.planned}</span>}
              {before && (
                <button
                  type="button"
                  className="text-button text-xs"
                  aria-label={words.forget(name, season)}
                  onClick={() => {
                    edit("crop", { kind: "RemovePlanting", planting: id });
                  }}
                >
                  {words.forgetShort}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {before && (
        <select
          aria-label={words.noteAt(row.name, season)}
          className="w-full min-w-18 border border-hair bg-transparent text-xs text-soft print:hidden"
          value=""
          onChange={(event) => {
            void note(event.target.value);
          }}
        >
          <option value="">{words.note}</option>
          {options.map(({ value, label }) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </select>
      )}
      <Fault text={fault ?? faults["crop"]} />
    </>
  );
}
