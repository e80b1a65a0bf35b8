import { useSoil } from "../api/queries";
import type { SoilNotes } from "../api/types";
import { formatArea } from "../measure/figures";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { words as everywhere } from "../words";
import { words } from "./words";
import { HowLong } from "../forms/HowLong";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "../forms/useFieldEdit";

/** What the soil is like, what covers it, and how that is got rid of. */
export function SoilSection() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const soil = desk.plan.site.soil;
  const { data } = useSoil(desk.plan.id, desk.garden.revision);

  function put(part: Partial<SoilNotes>) {
    edit("soil", { kind: "SetSoil", soil: { ...soil, ...part } });
  }

  return (
    <details className="border-t border-rule pt-2">
      <summary className="cursor-pointer font-semibold">Soil and clearing</summary>
      <div className="space-y-2 py-2">
        <Choice
          label="A damp handful, squeezed"
          value={soil.squeeze}
          options={[
            { value: "NOT_DONE", label: "not tried yet" },
            { value: "FALLS_APART", label: "falls apart" },
            { value: "HOLDS_AND_CRUMBLES", label: "holds and crumbles" },
            { value: "MAKES_A_RIBBON", label: "makes a ribbon" },
          ]}
          onChange={(squeeze) => {
            put({ squeeze });
          }}
        />
        <LengthField
          label="Water in a 12 in hole falls in an hour by"
          value={soil.percolation ?? 0}
          units={desk.units}
          fault={faults["soil"]}
          onCommit={(percolation) => {
            put({ percolation });
          }}
        />
        {data?.sentences.map((sentence) => (
          <p key={sentence} className="text-sm">
            {sentence}
          </p>
        ))}
        <Choice
          label="What covers it now"
          value={soil.cover}
          options={[
            { value: "BARE", label: "nothing" },
            { value: "LAWN", label: "lawn" },
            { value: "ROUGH_GRASS", label: "rough grass and weeds" },
            { value: "BRAMBLES", label: "brambles" },
            { value: "PAVED", label: "paving" },
          ]}
          onChange={(cover) => {
            put({ cover });
          }}
        />
        <fieldset className="space-y-1">
          <legend className="font-semibold">Got rid of by</legend>
          {data?.schools.map(({ school, hours, cardboard }) => (
            <label key={school.way} className="flex cursor-pointer gap-2 border-b border-hair py-1">
              <input
                type="radio"
                name="clearing"
                className="mt-1"
                checked={soil.clearing === school.way}
                onChange={() => {
                  put({ clearing: school.way });
                }}
              />
              <span className="text-sm">
                <span className="font-semibold">{school.label}</span>, {school.leadTime}. {school.honestly}{" "}
                <span className="text-soft">
                  About <span className="figures">{hours.toFixed(0)}</span> hours for the whole plot
                  {cardboard > 0 ? `, ${formatArea(cardboard, desk.units)} of cardboard` : ""} (
                  {everywhere.guess}
                  ).
                </span>
              </span>
            </label>
          ))}
        </fieldset>
        <HowLong work={["clear"]} />
        <p className="text-sm text-soft">{words.soilTest}</p>
      </div>
    </details>
  );
}
