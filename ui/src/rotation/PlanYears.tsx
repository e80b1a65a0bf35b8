import { useState } from "react";
import { formatFood } from "../measure/food";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { SmallTable } from "../parts/SmallTable";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import type { YearsPlan } from "./years";
import type { PlannedYears } from "./usePlannedYears";
import { words } from "./words";

const MOST_YEARS = 6;
const USUAL_YEARS = "4";
const PER_CENT = 100;

/** Asks for a plan of the years, tells how it stands, and takes it. */
export function PlanYears({ planned }: { planned: PlannedYears }) {
  const { season, selection, outlines } = useDesk();
  const [first, setFirst] = useState(String(season));
  const [years, setYears] = useState(USUAL_YEARS);
  const selected = [...selection].filter((id) => outlines.has(id));
  const [where, setWhere] = useState<"all" | "some">("all");
  const [cover, setCover] = useState(true);
  const { told, open, fault, stop, found } = planned;
  const seasons = Array.from({ length: MOST_YEARS }, (_, index) => String(season + index));
  return (
    <section aria-label={words.planTitle} className="space-y-2">
      <h3>{words.planTitle}</h3>
      <p className="text-sm text-soft">{words.planHint}</p>
      <div className="grid grid-cols-2 items-end gap-2">
        <Choice
          label={words.first}
          value={seasons.includes(first) ? first : String(season)}
          options={seasons.map((value) => ({ value, label: value }))}
          onChange={setFirst}
        />
        <Choice
          label={words.years}
          value={years}
          options={Array.from({ length: MOST_YEARS }, (_, index) => ({
            value: String(index + 1),
            label: String(index + 1),
          }))}
          onChange={setYears}
        />
      </div>
      {selected.length > 0 && (
        <Choice
          label={words.which}
          value={where}
          options={[
            { value: "all", label: words.allBeds },
            { value: "some", label: words.someBeds(selected.length) },
          ]}
          onChange={setWhere}
        />
      )}
      <CheckField label={words.cover} checked={cover} onChange={setCover} />
      <button
        type="button"
        className="strong-button"
        disabled={open}
        onClick={() => {
          planned.ask({
            first: Number(seasons.includes(first) ? first : season),
            years: Number(years),
            beds: where === "some" ? selected : [],
            cover,
          });
        }}
      >
        {words.plan}
      </button>
      <p className="text-sm text-soft" role="status">
        {open ? everywhere.underWay(told, words.looking, words.steps) : ""}
        {!open && told?.state === "STOPPED" ? words.stopped : ""}
      </p>
      {open && told && (
        <button type="button" className="plain-button" onClick={stop}>
          {words.stop}
        </button>
      )}
      <Fault text={fault} />
      {found && <Found found={found} onLeave={planned.leave} />}
    </section>
  );
}

function verdict({ solved, cost, bound }: YearsPlan): string {
  if (!solved) return words.quick;
  const gap = cost > 0 ? ((cost - bound) / cost) * PER_CENT : 0;
  return gap <= 0 ? words.best : words.within(gap.toFixed(1));
}

/** What was found: how good it is, what can't be met, and the way to take it. */
function Found({ found, onLeave }: { found: YearsPlan; onLeave: () => void }) {
  const { units, submit } = useDesk();
  const [refused, setRefused] = useState<string>();
  const nothing = found.edit.kind === "Batch" && found.edit.changes.length === 0;
  const seasons = [...new Set(found.wishes.map(({ season }) => season))];
  const crops = [...new Set(found.wishes.map(({ name }) => name))];
  return (
    <div className="space-y-2" data-testid="years-found">
      <p>{verdict(found)}</p>
      <ul className="list-disc pl-5 text-snag">
        {found.unmet.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
      <p>{nothing ? words.nothingNew : words.takes(found.plantings.length, found.removed.length)}</p>
      <div className="flex gap-2">
        <button
          type="button"
          className="strong-button"
          disabled={nothing}
          onClick={() => {
            submit(found.edit, setRefused);
          }}
        >
          {words.take}
        </button>
        <button type="button" className="plain-button" onClick={onLeave}>
          {words.leave}
        </button>
      </div>
      <Fault text={refused} />
      <SmallTable
        caption={words.met}
        heads={[{ text: "Wish" }, ...seasons.map((season) => ({ text: String(season) }))]}
        rows={crops.map((name) => {
          const mine = found.wishes.filter((wish) => wish.name === name);
          const wanted = mine[0]?.wanted ?? 0;
          return {
            key: name,
            head: `${name}, ${formatFood(wanted, units)}`,
            cells: mine.map(({ season, got }) => (
              <span
                key={season}
                className={
                  got < wanted && formatFood(got, units) !== formatFood(wanted, units) ? "text-snag" : ""
                }
              >
                {formatFood(got, units)}
              </span>
            )),
          };
        })}
      />
    </div>
  );
}
