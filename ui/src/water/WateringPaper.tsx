import { formatWater } from "../measure/water";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { monthName } from "../measure/monthDays";
import { daysWords, formatClock, formatMinutes, growing } from "./months";
import { ValveTags } from "./ValveTags";
import type { Weekly, Zone } from "./water";
import { words } from "./words";

/** A zone in the weeks of a month, or by the rule of thumb. */
interface Row {
  zone: Zone;
  /** Undefined by the rule of thumb. */
  month: number | undefined;
  week: Weekly;
}

/** How a timer is set for every zone in each month; and a tag for each valve. */
export function WateringPaper() {
  const { report, plan, season, units } = useDesk();
  const [climate] = plan.climates;
  const water = report?.water;
  const known = climate !== undefined && water !== undefined && water.programme.months.length > 0;
  const months = known ? growing(climate) : [];
  const rows = water?.zones.flatMap((zone): Row[] => {
    const minutes = water.programme.zones.find(({ valve }) => valve === zone.valve);
    if (!minutes) return [];
    const usual = months.flatMap((month) => {
      const week = minutes.months[month - 1];
      return week ? [{ zone, month, week }] : [];
    });
    return [...usual, { zone, month: undefined, week: minutes.ruleOfThumb }];
  });
  const columns: Column<Row>[] = [
    { key: "tag", head: words.valveTag, value: ({ zone }) => words.tagOf(zone.number, zone.name) },
    {
      key: "month",
      head: words.month,
      value: ({ month }) => (month === undefined ? words.thumb : monthName(month, "long")),
    },
    { key: "days", head: words.days, value: ({ week }) => daysWords(week.setting) },
    {
      key: "starts",
      head: words.starts,
      value: ({ week: { setting } }) =>
        setting.late ? words.noTime : setting.starts.map(formatClock).join(", "),
    },
    {
      key: "each",
      head: words.each,
      value: ({ week }) => week.setting.each || null,
      text: ({ week }) => (week.setting.each === 0 ? "" : formatMinutes(week.setting.each)),
      figures: true,
    },
    {
      key: "litres",
      head: words.aWeek,
      value: ({ week }) => week.litres,
      text: ({ week }) => formatWater(week.litres, units),
      figures: true,
    },
  ];
  const calendar = `/api/gardens/${plan.id}/water/calendar.ics?season=${String(season)}`;
  return (
    <Paper
      title={words.paper(season)}
      rows={rows}
      columns={columns}
      rowKey={({ zone, month }) => `${zone.valve}-${String(month ?? 0)}`}
      groupedBy="tag"
      concerns={({ zone }) => zone.beds.map(({ bed }) => bed)}
      empty={words.noZones}
      files={[{ label: words.calendar, href: calendar }]}
      below={<ValveTags zones={water?.zones ?? []} />}
    >
      <p className="text-sm">{words.paperExplained}</p>
    </Paper>
  );
}
