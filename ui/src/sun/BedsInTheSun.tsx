import { useState } from "react";
import { useDesk } from "../workspace/desk";
import { nameOf, takers } from "./takers";
import { useSunHours, useTriedSun } from "./sun";
import { words as everywhere } from "../words";
import { words } from "./words";
import { YearBand } from "./YearBand";

/** Of more beds those with least sun are shown until all are asked for. */
const MOST = 20;
const DARKEST = 12;

/** How many hours each bed has in the growing months, through the year as a band, and what takes of them. */
export function BedsInTheSun() {
  const desk = useDesk();
  const sun = useSunHours();
  const tried = new Map(useTriedSun().map(({ bed, after }) => [bed, after]));
  const [all, setAll] = useState(false);
  const rows = (sun?.beds ?? [])
    .map((bed) => ({ ...bed, name: nameOf(desk.plan, bed.bed) }))
    .sort((a, b) => a.growing - b.growing || a.name.localeCompare(b.name));
  const shown = all || rows.length <= MOST ? rows : rows.slice(0, DARKEST);
  return (
    <section className="space-y-1 border-t border-rule pt-2">
      <h3>{words.beds}</h3>
      {rows.length === 0 && <p className="text-soft">{sun ? words.noBeds : everywhere.followingTheSun}</p>}
      {tried.size > 0 && <p className="text-sm text-mark">{words.tried}</p>}
      <ul data-testid="beds-in-the-sun">
        {shown.map(({ bed, name, growing, exposure, growingLight, hours, taken }) => (
          <li key={bed} className="border-t border-hair py-1">
            <button
              type="button"
              className="flex w-full cursor-pointer items-center gap-2 text-left"
              onClick={() => {
                desk.select([bed]);
              }}
            >
              <span className="min-w-0 grow truncate">{name}</span>
              <YearBand hours={hours} fullSun={sun?.fullSun ?? 0} />
              <span className="figures min-w-14 text-right whitespace-nowrap">
                {growingHours(growing, tried.get(bed))}
              </span>
            </button>
            <p className="text-xs text-soft">
              {exposure}
              {growingLight !== undefined && `; ${words.light(growingLight.toFixed(0))}`}
              {taken.length > 0 && `; ${words.less(takers(taken, desk.plan))}`}
            </p>
          </li>
        ))}
      </ul>
      {rows.length > MOST && (
        <button
          type="button"
          className="text-button"
          aria-expanded={all}
          onClick={() => {
            setAll(!all);
          }}
        >
          {all ? words.onlyDarkest : words.sunnier(rows.length - DARKEST)}
        </button>
      )}
    </section>
  );
}

/** "7.5 h", and where an edit is being tried "7.5 → 6.3 h". */
function growingHours(now: number, after: number | undefined): string {
  return after === undefined
    ? words.hours(now.toFixed(1))
    : words.beforeAfter(now.toFixed(1), after.toFixed(1));
}
