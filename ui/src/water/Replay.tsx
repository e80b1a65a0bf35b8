import { useEffect, useState } from "react";
import { formatWater } from "../measure/water";
import { useDesk } from "../workspace/desk";
import { formatClock, formatMinutes } from "./months";
import { daysOf, later, seenAt } from "./playback";
import type { WatchedRun } from "./water";
import { words } from "./words";

/** From one step of the replay to the next, milliseconds. */
const STEP = 150;
const DAY = 24 * 60;

interface Props {
  runs: readonly WatchedRun[];
  zones: readonly number[];
}

/** Plays a season day by day, or one day minute by minute. */
export function Replay({ runs, zones }: Props) {
  const { units } = useDesk();
  const days = daysOf(runs);
  const [at, setAt] = useState({ day: 0, minute: DAY });
  const [pace, setPace] = useState<"day" | "season" | null>(null);
  const day = Math.min(at.day, days.length - 1);
  const date = days[day] ?? "";
  const { today, open, counted } = seenAt(runs, date, at.minute);
  useEffect(() => {
    if (!pace) return undefined;
    const timer = window.setInterval(() => {
      const next = later(at, pace, days.length);
      if (next) setAt(next);
      else setPace(null);
    }, STEP);
    return () => {
      window.clearInterval(timer);
    };
  }, [pace, at, days.length]);
  return (
    <div className="space-y-1 border-t border-hair py-1 print:hidden" data-testid="replay">
      <div className="flex flex-wrap items-center gap-2">
        {pace ? (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setPace(null);
            }}
          >
            {words.pause}
          </button>
        ) : (
          (["season", "day"] as const).map((each) => (
            <button
              key={each}
              type="button"
              className="plain-button"
              onClick={() => {
                if (each === "day") setAt({ day, minute: 0 });
                else if (day === days.length - 1) setAt({ day: 0, minute: DAY });
                setPace(each);
              }}
            >
              {words.play[each]}
            </button>
          ))
        )}
        <input
          type="range"
          aria-label={words.dayOfSeason}
          aria-valuetext={date}
          className="min-w-40 grow accent-ink"
          min={0}
          max={days.length - 1}
          value={day}
          onChange={(event) => {
            setAt({ day: Number(event.target.value), minute: DAY });
          }}
        />
        <span className="figures">{date}</span>
        <span className="figures">{at.minute < DAY ? formatClock(at.minute) : ""}</span>
        <span className="figures">{words.sinceTheFirst(formatWater(counted, units))}</span>
      </div>
      <ul className="flex flex-wrap gap-2">
        {zones.map((zone) => (
          <li
            key={zone}
            className={`border px-2 py-0.5 text-sm ${open.includes(zone) ? "border-ink bg-markpale" : "border-rule"}`}
          >
            <span className="font-semibold">{words.zone(zone)}</span>{" "}
            {open.includes(zone) && <span>{words.openNow} </span>}
            <ZoneToday runs={today.filter((run) => run.zone === zone)} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function ZoneToday({ runs }: { runs: readonly WatchedRun[] }) {
  const { units } = useDesk();
  const [first] = runs;
  if (!first) return <span className="text-soft">{words.notToday}</span>;
  if (first.leftOut) return <span className="text-soft">{words.rained(first.rain.toFixed(1))}</span>;
  const alarm = runs.find((run) => run.alarm)?.alarm;
  const counted = runs.reduce((sum, run) => sum + (run.counted ?? 0), 0);
  return (
    <span className="figures">
      {runs.map(({ start }) => formatClock(start)).join(", ")}, {formatMinutes(first.minutes)},{" "}
      {formatWater(counted, units)}
      {alarm && <strong className="ml-1 font-sans text-snag">{words.alarms[alarm]}</strong>}
    </span>
  );
}
