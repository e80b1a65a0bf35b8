import { useState } from "react";
import type { components } from "../api/schema";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { useSunHours } from "./sun";
import { nameOf } from "./takers";
import { words as everywhere } from "../words";
import { words } from "./words";

type OtherWay = components["schemas"]["OtherWay"];

const NOTHING = "";

/** What if it stood elsewhere? The hours of the beds before and after, for whatever takes sun, or a bed. */
export function SunCompare() {
  const desk = useDesk();
  const sun = useSunHours();
  const [chosen, setChosen] = useState(NOTHING);
  const asked = useAsked<readonly OtherWay[]>();
  const beds = sun?.beds.map(({ bed }) => bed) ?? [];
  const takers = new Set(sun?.beds.flatMap(({ taken }) => taken.map(({ thing }) => thing)));
  const things = [...takers].filter((id) => !beds.includes(id));
  const named = [...things, ...beds].map((id) => ({ value: id, label: nameOf(desk.plan, id) }));
  if (named.length === 0) return null;
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.compare}</h3>
      <Choice
        label={words.compareWhat}
        value={chosen}
        options={[{ value: NOTHING, label: words.choose }, ...named]}
        onChange={(thing) => {
          setChosen(thing);
          asked.setAnswer(undefined);
          if (thing !== NOTHING) void asked.ask("sun/comparisons", { besides: { thing } });
        }}
      />
      {asked.busy && <p className="text-soft">{everywhere.followingTheSun}</p>}
      {asked.answer?.length === 0 && <p className="text-soft">{words.noOtherWay}</p>}
      <ul className="space-y-2" data-testid="sun-comparison">
        {asked.answer?.map((way) => (
          <li key={way.words}>
            <p>
              {way.words}: {words.total(way.total)}
            </p>
            <table className="w-full text-sm">
              <tbody>
                {way.beds.map(({ bed, before, after }) => (
                  <tr key={bed} className="border-t border-hair">
                    <td>{nameOf(desk.plan, bed)}</td>
                    <td className="figures text-right whitespace-nowrap">
                      {words.beforeAfter(before.toFixed(1), after.toFixed(1))}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <button
              type="button"
              className="plain-button"
              onClick={() => {
                setChosen(NOTHING);
                asked.setAnswer(undefined);
                desk.submit(way.change, asked.setFault);
              }}
            >
              {words.doIt}
            </button>
          </li>
        ))}
      </ul>
      <Fault text={asked.fault} />
    </section>
  );
}
