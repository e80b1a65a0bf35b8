import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { Problem, request } from "../api/client";
import { keys } from "../api/queries";
import type { GardenView, NewGarden, Units } from "../api/types";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { words as everywhere } from "../words";
import { words } from "./words";

/** The example brings its own corners; how the ground lies can be said later. */
const GROUND: NewGarden["site"] = {
  corners: [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 3 },
    { x: 0, y: 3 },
  ],
  further: [],
  north: 0,
  latitude: 50,
  approximate: false,
  levels: [],
  soil: { squeeze: "NOT_DONE", cover: "LAWN", clearing: "SHEET_MULCH" },
};

/** The least there is to ask before one bed stands on the sheet, with its boards, its soil and what it costs. */
export function OneBedForm() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState("One bed");
  const [units, setUnits] = useState<Units>("METRIC");
  const [currency, setCurrency] = useState("EUR");
  const [fault, setFault] = useState<{ field: string; text: string } | null>(null);

  async function begin() {
    const garden: NewGarden = {
      name,
      units,
      currency: currency.trim().toUpperCase(),
      firstSeason: new Date().getFullYear(),
      budget: "60",
      contingency: 0,
      site: GROUND,
      start: "ONE_BED",
    };
    try {
      const made = await request<GardenView>("POST", "/api/gardens", garden);
      client.setQueryData(keys.garden(made.plan.id), made);
      await client.invalidateQueries({ queryKey: keys.gardens });
      await navigate(`/gardens/${made.plan.id}?step=beds`);
    } catch (failure) {
      if (failure instanceof Problem) setFault({ field: failure.field, text: failure.message });
      else setFault({ field: "", text: everywhere.awayIdle });
    }
  }

  return (
    <section aria-label="One bed" className="mt-4 border border-ink bg-paper p-4">
      <p>{words.oneBed}</p>
      <div className="mt-3 grid gap-3 sm:grid-cols-3">
        <TextField
          label={everywhere.gardenName}
          value={name}
          fault={fault?.field === "name" ? fault.text : undefined}
          onCommit={setName}
        />
        <Choice
          label={everywhere.measures.label}
          value={units}
          options={everywhere.measures.options}
          onChange={setUnits}
        />
        <TextField
          label="Currency"
          value={currency}
          fault={fault?.field === "currency" ? fault.text : undefined}
          onCommit={setCurrency}
        />
      </div>
      {fault && !["name", "currency"].includes(fault.field) && (
        <p role="alert" className="mt-2 text-sm text-snag">
          {fault.text}
        </p>
      )}
      <button type="button" className="strong-button mt-3" onClick={() => void begin()}>
        Begin with one bed
      </button>
    </section>
  );
}
