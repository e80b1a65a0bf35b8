import { useState } from "react";
import { useFamilies } from "../api/queries";
import type { Families } from "../api/types";
import { formatLength } from "../measure/lengths";
import { words } from "./words";
import { useDesk } from "../workspace/desk";

const CAUSES: Record<Families["nearMisses"][number]["cause"], string> = {
  JOINT: "their butt joints are made the other way round",
  BOARD: "their boards differ in thickness",
  SIZE: "they were given slightly different sizes",
};

/** Which beds share covers, and which nearly do. */
export function FamiliesSection() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const { data } = useFamilies(desk.plan.id, desk.garden.revision, desk.season, open);
  const name = (bed: string) => desk.bedById.get(bed)?.name ?? "";
  return (
    <details
      className="border-t border-rule pt-2"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">Families of equal size</summary>
      <div className="space-y-1 py-2 text-sm">
        <p className="text-soft">{words.families}</p>
        {data?.families.map((family) => (
          <button
            key={`${String(family.length)}x${String(family.width)}`}
            type="button"
            className="flex w-full cursor-pointer justify-between gap-2 border-b border-hair py-1 text-left hover:bg-markpale"
            onClick={() => {
              desk.select(family.beds);
            }}
          >
            <span className="figures">
              {formatLength(family.length, desk.units)} × {formatLength(family.width, desk.units)}
            </span>
            <span>
              {family.beds.length === 1 ? name(family.beds[0] ?? "") : `${String(family.beds.length)} beds`}
            </span>
          </button>
        ))}
        {data?.nearMisses.map((miss) => (
          <p key={miss.first + miss.second} className="text-ochre">
            {name(miss.first)} and {name(miss.second)} miss each other by{" "}
            <span className="figures">{formatLength(miss.difference, desk.units)}</span>: {CAUSES[miss.cause]}
            .
          </p>
        ))}
      </div>
    </details>
  );
}
