import { formatShare } from "../measure/figures";
import { formatFlow } from "../measure/water";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { formatMinutes, growing, monthName } from "./months";
import type { Zone, ZoneMinutes } from "./water";
import { words } from "./words";

interface Row {
  zone: Zone;
  minutes: ZoneMinutes | undefined;
}

/** The programme for a timer: every zone with its tag, and how long it runs in a week of each month. */
export function WateringPaper() {
  const { report, plan, season, units } = useDesk();
  const [climate] = plan.climates;
  const water = report?.water;
  const known = water !== undefined && water.programme.months.length > 0;
  const columns: Column<Row>[] = [
    { key: "tag", head: words.valveTag, value: ({ zone }) => words.tagOf(zone.number, zone.name) },
    {
      key: "flow",
      head: words.flow,
      value: ({ zone }) => zone.flow,
      text: ({ zone }) => formatFlow(zone.flow, units),
      figures: true,
    },
    {
      key: "evenness",
      head: words.evenness,
      value: ({ zone }) => zone.evenness,
      text: ({ zone }) => formatShare(zone.evenness),
      figures: true,
    },
    ...(climate && known ? growing(climate) : []).map((month): Column<Row> => ({
      key: `month-${String(month)}`,
      head: monthName(month, "short"),
      value: ({ minutes }) => minutes?.months[month - 1]?.minutes ?? null,
      text: ({ minutes }) => weekly(minutes, month),
      figures: true,
    })),
    {
      key: "thumb",
      head: words.thumb,
      value: ({ minutes }) => minutes?.ruleOfThumb ?? null,
      text: ({ minutes }) => (minutes ? formatMinutes(minutes.ruleOfThumb) : ""),
      figures: true,
    },
  ];
  return (
    <Paper
      title={words.paper(season)}
      rows={water?.zones.map((zone) => ({
        zone,
        minutes: water.programme.zones.find(({ valve }) => valve === zone.valve),
      }))}
      columns={columns}
      rowKey={({ zone }) => zone.valve}
      concerns={({ zone }) => zone.beds.map(({ bed }) => bed)}
      empty={words.noZones}
    >
      <p className="text-sm">{words.paperExplained}</p>
    </Paper>
  );
}

function weekly(minutes: ZoneMinutes | undefined, month: number): string {
  const week = minutes?.months[month - 1];
  if (!week) return "";
  return week.waterings === 0
    ? words.none
    : words.times(week.waterings, formatMinutes(week.minutes / week.waterings));
}
