import { useState } from "react";
import type { Units } from "../api/types";
import { formatMass, formatVolume } from "../measure/figures";
import { formatDay } from "../measure/halfMonths";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { KeyPlan } from "../papers/KeyPlan";
import { Paper } from "../papers/Paper";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { useCalendar, weekdayOf } from "./calendar";
import { useStaging, type StagedGood, type StagedPlace } from "./staging";
import { stagingWords as words } from "./stagingWords";
import { useTasks } from "./tasks";

interface Row extends StagedGood {
  place: string;
  name: string;
}

const SEASON = "";

/** What lies ready at which place before the work begins, for a day or the whole season. */
export function StagingPaper() {
  const { units, season } = useDesk();
  const staged = useStaging();
  const work = useTasks();
  const told = useCalendar(undefined, work?.done.length ?? 0);
  const [day, setDay] = useState(SEASON);
  const tasks = new Map(work?.tasks.map((task) => [task.key, task]));
  const ofDay = told?.calendar.stints.filter((stint) => stint.day === day) ?? [];
  const isNeeded = (place: string, { stages }: StagedGood) =>
    day === SEASON ||
    ofDay.some((stint) => {
      const task = tasks.get(stint.task);
      return task?.place === place && stages.includes(task.stage);
    });
  const rows = staged?.flatMap(({ place, name, goods }: StagedPlace) =>
    goods.filter((good) => isNeeded(place, good)).map((good): Row => ({ ...good, place, name })),
  );
  const columns: Column<Row>[] = [
    { key: "place", head: words.placeHead, value: ({ name }) => name, groups: true },
    {
      key: "much",
      head: words.muchHead,
      value: ({ quantity }) => quantity,
      text: (row) => muchOf(row, units),
      figures: true,
    },
    { key: "what", head: words.whatHead, value: (row) => whatOf(row, units) },
    {
      key: "weight",
      head: words.weightHead,
      value: ({ kilograms }) => kilograms ?? null,
      text: ({ kilograms }) => (kilograms === undefined ? "" : formatMass(kilograms, units)),
      figures: true,
    },
  ];
  const days = told?.calendar.days ?? [];
  return (
    <Paper
      title={words.title}
      rows={rows}
      columns={columns}
      rowKey={({ place, kind, label, mark, stages }) => [place, kind, label, mark, ...stages].join(" ")}
      groupedBy="place"
      concerns={({ place }) => [place]}
      empty={day === SEASON ? words.empty : words.nothingThen}
      below={
        <div className="hidden print:block">
          <KeyPlan always lit={[...new Set(rows?.map(({ place }) => place))]} />
        </div>
      }
    >
      <p className="max-w-prose text-soft">{words.explained}</p>
      {days.length > 0 && (
        <div className="w-56 py-1">
          <Choice
            label={words.for}
            value={day}
            options={[
              { value: SEASON, label: words.wholeSeason },
              ...days.map((each) => ({
                value: each.day,
                label: `${weekdayOf(each.day)} ${formatDay(each.day, season)}`,
              })),
            ]}
            onChange={setDay}
          />
        </div>
      )}
    </Paper>
  );
}

function whatOf({ kind, label, mark = "", length = 0 }: Row, units: Units): string {
  switch (kind) {
    case "BOARDS":
      return words.boardLabel(mark, label, formatLength(length, units));
    case "BULK":
      return words.bulk("", label).trim();
    case "ON_HAND":
      return words.onHand("", label).trim();
    case "SEED":
      return words.seedOf(label);
    case "YOUNG_PLANTS":
      return words.plantsOf(label);
    case "BAGS":
    case "PIECES":
      return label;
  }
}

/** Whole pieces are counted; a part of one is told to two decimals. */
function muchOf({ kind, quantity }: Row, units: Units): string {
  if (kind === "BULK" || kind === "ON_HAND") return formatVolume(quantity, units);
  const rounded = quantity.toFixed(2);
  return Number(rounded) === Math.round(quantity) ? String(Math.round(quantity)) : rounded;
}
