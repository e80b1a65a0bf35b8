import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { formatShare } from "../measure/figures";
import { formatWater } from "../measure/water";
import { Choice } from "../parts/Choice";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { formatClock, formatMinutes } from "./months";
import { Replay } from "./Replay";
import type { FaultAt, WatchedRun, Zone } from "./water";
import { words } from "./words";

type Fault = FaultAt["fault"];
const FAULT_OPTIONS = [
  { value: "", label: words.allWell },
  ...Object.entries(words.faults).map(([value, label]) => ({ value, label })),
];

/** A season as one would watch it: valves open, the meter counts, rain skips, and faults are told from the meter. */
export function WatchPaper() {
  const { plan, garden, season, units, report, catalogue } = useDesk();
  const usual = catalogue.usualWater;
  const [year, setYear] = useState(1);
  const [faults, setFaults] = useState<Readonly<Record<number, Fault>>>({});
  const zones = report?.water.zones ?? [];
  const asked = {
    year,
    faults: Object.entries(faults)
      .filter(([zone]) => zones.some(({ number }) => number === Number(zone)))
      .map(([zone, fault]) => ({ zone: Number(zone), fault })),
  };
  const { data } = useQuery({
    queryKey: ["watch", plan.id, garden.revision, season, asked],
    queryFn: () =>
      request<WatchedRun[]>("POST", `/api/gardens/${plan.id}/water/watch?season=${String(season)}`, asked),
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  const unmetered = [...plan.taps, ...plan.barrels].filter(
    ({ id, gear }) => !gear.meter && zones.some(({ source }) => source === id),
  );
  const columns: Column<WatchedRun>[] = [
    {
      key: "date",
      head: words.date,
      value: ({ date }) => date,
      cell: ({ date }) => <span className="whitespace-nowrap">{date}</span>,
    },
    {
      key: "rain",
      head: words.rainBefore,
      value: ({ rain }) => Number(rain.toFixed(1)),
      text: ({ rain }) => words.millimetres(rain.toFixed(1)),
      figures: true,
    },
    { key: "zone", head: words.tag, value: ({ zone }) => words.zone(zone) },
    { key: "start", head: words.starts, value: ({ start }) => formatClock(start), figures: true },
    {
      key: "minutes",
      head: words.each,
      value: ({ minutes }) => minutes,
      text: ({ minutes, leftOut }) => (leftOut ? words.leftOut : formatMinutes(minutes)),
      figures: true,
    },
    {
      key: "expected",
      head: words.expected,
      value: ({ expected }) => expected,
      text: ({ expected }) => formatWater(expected, units),
      figures: true,
    },
    {
      key: "counted",
      head: words.counted,
      value: ({ counted }) => counted ?? null,
      text: ({ counted }) => (counted === undefined ? words.unheard : formatWater(counted, units)),
      figures: true,
    },
    {
      key: "alarm",
      head: words.told,
      value: ({ alarm }) => (alarm ? words.alarms[alarm] : ""),
      cell: ({ alarm }) => alarm && <span className="font-semibold text-snag">{words.alarms[alarm]}</span>,
    },
  ];
  return (
    <Paper
      title={words.watch(season)}
      rows={data}
      columns={columns}
      rowKey={({ date, valve, start }) => `${date}-${valve}-${String(start)}`}
      empty={words.nothingRuns}
    >
      <p className="text-sm">
        {words.watchExplained(words.millimetres(String(usual.enoughRain)), formatShare(usual.meterTolerance))}
      </p>
      {unmetered.length > 0 && (
        <p className="text-sm">{words.noMeter(unmetered.map(({ name }) => name).join(", "))}</p>
      )}
      <div className="flex flex-wrap items-end gap-3 py-1 print:hidden">
        <Choice
          label={words.yearOfDays}
          value={String(year)}
          options={Array.from({ length: usual.years }, (_, index) => ({
            value: String(index + 1),
            label: words.yearOf(index + 1, usual.years),
          }))}
          onChange={(value) => {
            setYear(Number(value));
          }}
        />
        {zones.map(({ number }) => (
          <Choice
            key={number}
            label={words.zone(number)}
            value={faults[number] ?? ""}
            options={FAULT_OPTIONS}
            onChange={(value) => {
              setFaults(withFault(faults, number, value));
            }}
          />
        ))}
      </div>
      {data && data.length > 0 && <Replay runs={data} zones={zones.map(({ number }: Zone) => number)} />}
    </Paper>
  );
}

function withFault(faults: Readonly<Record<number, Fault>>, zone: number, chosen: string) {
  const others = Object.fromEntries(Object.entries(faults).filter(([each]) => Number(each) !== zone));
  return chosen in words.faults ? { ...others, [zone]: chosen as Fault } : others;
}
