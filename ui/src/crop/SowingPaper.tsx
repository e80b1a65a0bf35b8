import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { formatDay } from "../measure/halfMonths";
import { monthName } from "../measure/monthDays";
import { useDesk } from "../workspace/desk";
import { useBedNames, type Planting } from "./plantings";
import { useSowing, type SowingDay } from "./sowing";
import { words } from "./words";

interface Row {
  key: string;
  about: SowingDay;
  planting: Planting | undefined;
  bed: string;
}

/** What is sown, planted, picked and cleared in the season, day by day. */
export function SowingPaper() {
  const { plan, season } = useDesk();
  const bedName = useBedNames();
  const told = useSowing();
  const byId = new Map(plan.plantings.map((planting) => [planting.id, planting]));
  const rows = told?.days.map((about): Row => {
    const planting = byId.get(about.planting);
    return {
      key: `${about.planting} ${about.deed}`,
      about,
      planting,
      bed: bedName(planting?.bed),
    };
  });
  const columns: Column<Row>[] = [
    {
      key: "day",
      head: "Day",
      value: ({ about }) => about.day,
      text: ({ about }) => formatDay(about.day, season),
    },
    {
      key: "month",
      head: "Month",
      value: ({ about }) => monthName(Number(about.day.slice(5, 7)), "long"),
      groups: true,
    },
    { key: "deed", head: words.deedHead, value: ({ about }) => about.what, groups: true },
    { key: "crop", head: words.cropHead, value: ({ planting }) => planting?.name ?? "" },
    {
      key: "count",
      head: words.countHead,
      value: ({ about }) => (about.count > 0 ? about.count : null),
      text: ({ about }) => words.counted(about.deed, about.count),
    },
    { key: "bed", head: "Bed", value: ({ bed }) => bed, groups: true },
  ];
  return (
    <Paper
      title={words.sowingTitle}
      rows={rows}
      columns={columns}
      rowKey={({ key }) => key}
      concerns={({ planting }) => (planting ? [planting.bed] : [])}
      empty={words.none}
      files={[
        {
          label: words.calendarFile,
          href: `/api/gardens/${plan.id}/plantings/calendar.ics?season=${String(season)}`,
        },
      ]}
    />
  );
}
