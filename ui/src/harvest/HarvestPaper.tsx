import { formatArea } from "../measure/figures";
import { formatFood } from "../measure/food";
import { formatDay } from "../measure/halfMonths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { HarvestChart } from "./HarvestChart";
import { useHarvest, type Food } from "./harvest";
import { MonthBars } from "./MonthBars";
import { words } from "./words";

const TENTHS = 10;

/** The harvest of the season against what is eaten, crop by crop. */
export function HarvestPaper() {
  const { season, units, catalogue } = useDesk();
  const told = useHarvest();
  const wants = new Map(catalogue.crops.wants.map(({ key, label }) => [key, label]));
  const food = (kilograms: number) => formatFood(kilograms, units);
  const rounded = (kilograms: number) => Math.round(kilograms * TENTHS) / TENTHS;
  const columns: Column<Food>[] = [
    { key: "crop", head: "Crop", value: ({ name }) => name },
    {
      key: "want",
      head: "Wish",
      value: ({ want }) => (want === undefined ? words.notWished : (wants.get(want) ?? "")),
      groups: true,
    },
    {
      key: "wanted",
      head: words.wantedHead,
      value: ({ wanted }) => rounded(wanted),
      text: ({ wanted }) => (wanted > 0 ? food(wanted) : ""),
      figures: true,
    },
    {
      key: "harvest",
      head: words.harvestHead,
      value: ({ harvest }) => rounded(harvest.usual),
      text: ({ harvest }) => food(harvest.usual),
      figures: true,
    },
    {
      key: "range",
      head: words.rangeHead,
      value: ({ harvest }) => (harvest.usual > 0 ? words.range(food(harvest.low), food(harvest.high)) : ""),
    },
    {
      key: "enough",
      head: words.enoughHead,
      value: ({ enough, wanted }) => (wanted > 0 ? words.enough[enough] : ""),
      groups: true,
    },
    { key: "plants", head: "Plants", value: ({ plants }) => plants, figures: true },
    {
      key: "area",
      head: words.areaHead,
      value: ({ area }) => rounded(area),
      text: ({ area }) => formatArea(area, units),
      figures: true,
    },
    {
      key: "months",
      head: words.byMonth,
      value: ({ picked }) => picked.map((kilograms) => String(rounded(kilograms))).join(" "),
      cell: (each) => <MonthBars food={each} months={told?.months ?? []} />,
    },
    {
      key: "store",
      head: words.storeHead,
      value: ({ stored, storedOn, wanted }) =>
        storedOn !== undefined && wanted > 0 ? words.stored(food(stored), formatDay(storedOn, season)) : "",
    },
  ];
  const foods = told?.foods ?? [];
  return (
    <Paper
      title={words.paperTitle}
      rows={told && foods}
      columns={columns}
      rowKey={({ crop }) => crop}
      empty={words.nobodyYet}
    >
      {told && foods.length > 0 && (
        <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
          <HarvestChart told={told} />
          <div className="max-w-prose min-w-60 grow basis-80 space-y-1">
            <p className="text-soft">{words.says(String(told.eaters))}</p>
            <Named
              label={words.few}
              foods={foods.filter(
                ({ wanted, enough }) => wanted > 0 && (enough === "NONE" || enough === "SHORT"),
              )}
            />
            <Named
              label={words.much}
              foods={foods.filter(({ enough, wanted }) => wanted > 0 && enough === "PLENTY")}
            />
          </div>
        </div>
      )}
    </Paper>
  );
}

function Named({ label, foods }: { label: string; foods: readonly Food[] }) {
  if (foods.length === 0) return null;
  return (
    <p>
      <b>{label}</b> {foods.map(({ name }) => name).join("; ")}.
    </p>
  );
}
