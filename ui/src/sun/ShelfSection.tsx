import { useState } from "react";
import type { components } from "../api/schema";
import { standingThings } from "../capabilities";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { useAsked } from "../workspace/useAsked";
import { words as everywhere } from "../words";
import { ShelfView } from "./ShelfView";
import { words } from "./words";

export type ShelfZone = components["schemas"]["ShelfZone"];

const MONTHS = words.monthNames.map((label, index) => ({ value: String(index + 1), label }));

/** Where a shelf can hang on something so that it never shades soil in the months that matter. */
export function ShelfSection() {
  const desk = useDesk();
  const [chosen, setChosen] = useState("");
  const [first, setFirst] = useState(desk.plan.site.latitude < 0 ? "10" : "4");
  const [last, setLast] = useState(desk.plan.site.latitude < 0 ? "3" : "9");
  const asked = useAsked<readonly ShelfZone[]>();
  const bearers = byName(
    standingThings(desk.plan).filter(
      ({ kind, lifetime }) => desk.catalogue.shelfBearers.includes(kind) && isThere(lifetime, desk.season),
    ),
  );
  const thing = bearers.some(({ id }) => id === chosen) ? chosen : (bearers[0]?.id ?? "");
  const choose = (set: (value: string) => void) => (value: string) => {
    set(value);
    asked.setAnswer(undefined);
  };
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.shelf}</h3>
      {bearers.length === 0 ? (
        <p className="text-soft">{words.noBearer}</p>
      ) : (
        <>
          <Choice
            label={words.shelfOn}
            value={thing}
            options={bearers.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={choose(setChosen)}
          />
          <div className="grid grid-cols-2 items-end gap-2">
            <Choice label={words.shelfFirst} value={first} options={MONTHS} onChange={choose(setFirst)} />
            <Choice label={words.shelfLast} value={last} options={MONTHS} onChange={choose(setLast)} />
          </div>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              void asked.ask("sun/shelves", { besides: { thing, first, last } });
            }}
          >
            {words.findShelf}
          </button>
        </>
      )}
      {asked.busy && <p className="text-soft">{everywhere.followingTheSun}</p>}
      {asked.answer?.length === 0 && <p className="text-soft">{words.noSide}</p>}
      <ul className="space-y-2" data-testid="shelves">
        {asked.answer?.map((zone, index) => (
          <li key={index}>
            <p>
              {words.shelfSide(zone.side, formatLength(lengthOf(zone), desk.units))}:{" "}
              {zone.best.depth > 0
                ? words.shelfBest(
                    formatLength(zone.best.depth, desk.units),
                    formatLength(zone.best.height, desk.units),
                  )
                : words.noShelf}
            </p>
            {zone.best.depth > 0 && <ShelfView zone={zone} />}
          </li>
        ))}
      </ul>
      {asked.answer && asked.answer.length > 0 && <p className="text-sm text-soft">{words.shelfSun}</p>}
      <Fault text={asked.fault} />
    </section>
  );
}

function lengthOf({ from, to }: ShelfZone): number {
  return Math.hypot(to.x - from.x, to.y - from.y);
}
