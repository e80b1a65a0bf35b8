import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import type { Fence } from "./fence";
import { words } from "./words";

type Foot = Fence["foot"];

interface Props {
  foot: Foot;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, foot: Foot) => void;
}

/** How a fence meets the ground. */
export function FootFields({ foot, faults, onChange }: Props) {
  const desk = useDesk();
  const { meshes, feet } = desk.catalogue.fences;
  const { way } = foot;

  /** A foot that has mesh keeps it when it goes into the ground or flat outwards. */
  function choose(chosen: Foot["way"]) {
    const usual = feet.find((each) => each.units === desk.units && each.foot.way === chosen)?.foot;
    if (!usual) return;
    const kept = way === "OPEN" || chosen === "OPEN" ? {} : { mesh: foot.mesh, up: foot.up };
    onChange("foot", { ...usual, ...kept });
  }

  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <Choice
        label={words.foot}
        value={way}
        options={(["OPEN", "BURIED", "APRON", "BED"] as const).map((value) => ({
          value,
          label: words.ways[value],
        }))}
        onChange={choose}
      />
      {way !== "OPEN" && foot.mesh && (
        <>
          <Choice
            label={words.footMesh}
            value={foot.mesh}
            options={meshes.map(({ mesh, label }) => ({ value: mesh, label }))}
            onChange={(mesh) => {
              onChange("foot/mesh", { ...foot, mesh });
            }}
          />
          <LengthField
            label={way === "BED" ? words.upFromSoil : words.up}
            value={foot.up}
            units={desk.units}
            fault={faults["foot/up"]}
            onCommit={(up) => {
              onChange("foot/up", { ...foot, up });
            }}
          />
          <LengthField
            label={words.down[way]}
            value={foot.down}
            units={desk.units}
            fault={faults["foot/down"]}
            onCommit={(down) => {
              onChange("foot/down", { ...foot, down });
            }}
          />
        </>
      )}
      {faults["foot"] && (
        <p role="alert" className="col-span-2 text-snag">
          {faults["foot"]}
        </p>
      )}
    </div>
  );
}
