import { formatShare } from "../measure/figures";
import { formatFlow } from "../measure/water";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { growing, monthName, settingWords } from "./months";
import { ValveTags } from "./ValveTags";
import type { Weekly, Zone, ZoneMinutes } from "./water";
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
      value: ({ minutes }) => told(minutes?.months[month - 1]),
    })),
    {
      key: "thumb",
      head: words.thumb,
      value: ({ minutes }) => told(minutes?.ruleOfThumb),
    },
  ];
  const calendar = `/api/gardens/${plan.id}/water/calendar.ics?season=${String(season)}`;
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
      files={[{ label: words.calendar, href: calendar }]}
      below={<ValveTags zones={water?.zones ?? []} />}
    >
      <p className="text-sm">{words.paperExplained}</p>
    </Paper>
  );
}

function told(week: Weekly | undefined): string {
  return week ? settingWords(week.setting) : "";
}
