import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import type { Fence } from "./fence";
import { words } from "./words";

type Foot = Fence["foot"];

/** What is usual against rabbits, metres: mesh 2 ft up, 6 in into the ground or 1 ft flat outwards (common practice). */
const USUAL = {
  FEET_AND_INCHES: { up: 0.6096, BURIED: 0.1524, APRON: 0.3048 },
  METRIC: { up: 0.6, BURIED: 0.15, APRON: 0.3 },
};

interface Props {
  foot: Foot;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, foot: Foot) => void;
}

/** How a fence meets the ground. */
export function FootFields({ foot, faults, onChange }: Props) {
  const desk = useDesk();
  const { meshes } = desk.catalogue.fences;
  const { way } = foot;
  const usual = USUAL[desk.units];

  function choose(chosen: Foot["way"]) {
    if (chosen === "OPEN") onChange("foot", { way: "OPEN", up: 0, down: 0 });
    else {
      const begun = way === "OPEN" ? { mesh: "NETTING" as const, up: usual.up } : foot;
      onChange("foot", { ...begun, way: chosen, down: usual[chosen] });
    }
  }

  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <Choice
        label={words.foot}
        value={way}
        options={(["OPEN", "BURIED", "APRON"] as const).map((value) => ({ value, label: words.ways[value] }))}
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
            label={words.up}
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
