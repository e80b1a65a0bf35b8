import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { Slider } from "../parts/Slider";
import { useDesk, type Shown } from "../workspace/desk";
import { SunSwatch } from "./hatches";
import {
  asTime,
  compassPoint,
  momentAt,
  useDaySun,
  useFinerMap,
  useSunHours,
  useSunMap,
  type Moment,
} from "./sun";
import { words } from "./words";

type What = Shown["sun"]["what"];

/** What the sheet shows of the sun, on which day and at which hour. */
export function SunSliders() {
  const { shown, show } = useDesk();
  const { what, half, minute } = shown.sun;
  const days = useSunHours()?.days ?? [];
  const date = days[half];
  const day = useDaySun(what === "SHADOWS" ? date : undefined);
  const map = useSunMap(
    what === "DAY" ? date : undefined,
    what === "GROWING" || (what === "DAY" && date !== undefined),
  );
  const finer = useFinerMap(map, what === "DAY" ? date : undefined);
  const moments = day?.moments ?? [];
  const moment = momentAt(day, minute);
  const set = (part: Partial<Shown["sun"]>) => {
    show({ sun: { ...shown.sun, ...part } });
  };
  return (
    <section className="space-y-2">
      <Choice
        label={words.onTheSheet}
        value={what}
        options={(["SHADOWS", "DAY", "GROWING", "NOTHING"] as const).map((value: What) => ({
          value,
          label: words.shows[value],
        }))}
        onChange={(chosen) => {
          set({ what: chosen });
        }}
      />
      {(what === "SHADOWS" || what === "DAY") && date !== undefined && (
        <Slider
          label={words.day}
          text={words.dayName(date)}
          value={half}
          most={days.length - 1}
          onChange={(chosen) => {
            set({ half: chosen });
          }}
        />
      )}
      {what === "SHADOWS" && day && !moment && <p>{words.noSun}</p>}
      {what === "SHADOWS" && moment && (
        <>
          <Slider
            label={words.hour}
            text={asTime(moment.minute)}
            value={moments.indexOf(moment)}
            most={moments.length - 1}
            onChange={(chosen) => {
              set({ minute: moments[chosen]?.minute ?? minute });
            }}
          />
          <p className="text-sm" data-testid="sun-stands">
            {stands(moment)}
          </p>
        </>
      )}
      {map && (
        <ul className="space-y-1 text-sm" data-testid="sun-legend">
          {map.grades.map(({ exposure, least, label, share }) => (
            <li key={exposure} className="flex items-center gap-2">
              <SunSwatch exposure={exposure} />
              {words.grade(least, label)} <span className="figures ml-auto">{words.share(share)}</span>
            </li>
          ))}
        </ul>
      )}
      {finer.open && (
        <p className="flex items-center gap-2 text-sm" role="status">
          {words.finer(finer.told?.done ?? 0, finer.told?.steps ?? 0)}
          <button type="button" className="plain-button ml-auto" onClick={finer.stop}>
            {words.keepCoarse}
          </button>
        </p>
      )}
      <Fault text={finer.fault} />
    </section>
  );
}

function stands({ altitude, azimuth, clock, hidden }: Moment): string {
  const where = words.stands(altitude.toFixed(0), compassPoint(azimuth));
  const time = clock === undefined ? words.sunTime : words.clock(asTime(clock));
  return `${where} ${hidden ? words.hidden : ""}${time}`;
}
