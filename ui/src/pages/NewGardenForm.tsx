import { plainNumber } from "../measure/numbers";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { Problem, request } from "../api/client";
import { keys, useCatalogue } from "../api/queries";
import type { GardenView, NewGarden, Point, Units } from "../api/types";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { words as everywhere } from "../words";
import { PlotFields } from "./PlotFields";
import { words } from "./words";

const METRIC_PLOT: Point[] = rectangle(10, 8);
/** 40 by 30 ft. */
const IMPERIAL_PLOT: Point[] = rectangle(12.192, 9.144);

function rectangle(length: number, width: number): Point[] {
  return [
    { x: 0, y: 0 },
    { x: length, y: 0 },
    { x: length, y: width },
    { x: 0, y: width },
  ];
}

type Start = "EMPTY" | "SMALL_YARD" | "FENCED_PLOT" | "SEATED";

/** Everything a garden begins with; all of it can be changed later but the currency and the first season. */
export function NewGardenForm() {
  const catalogue = useCatalogue();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [draft, setDraft] = useState({
    name: "",
    units: "METRIC" as Units,
    currency: "EUR",
    firstSeason: String(new Date().getFullYear()),
    budget: "500",
    contingency: "10",
    north: "0",
    latitude: "50",
  });
  const [corners, setCorners] = useState<Point[]>(METRIC_PLOT);
  const [start, setStart] = useState<Start>("EMPTY");
  const [problem, setProblem] = useState<{ field: string; text: string } | null>(null);
  const set = (field: keyof typeof draft) => (value: string) => {
    setDraft((before) => ({ ...before, [field]: value }));
  };
  const fault = (field: string) => (problem?.field === field ? problem.text : undefined);

  async function begin() {
    const numbers = { firstSeason: 0, contingency: 0, north: 0, latitude: 0 };
    for (const field of ["firstSeason", "contingency", "north", "latitude"] as const) {
      const value = Number(plainNumber(draft[field]));
      if (draft[field].trim() === "" || !Number.isFinite(value)) {
        setProblem({ field, text: "Write a plain number." });
        return;
      }
      numbers[field] = value;
    }
    const { firstSeason, contingency, north, latitude } = numbers;
    const { name, units, currency, budget } = draft;
    const garden: NewGarden = {
      name,
      units,
      currency: currency.trim().toUpperCase(),
      firstSeason: Math.round(firstSeason),
      budget: budget.trim(),
      contingency,
      start,
      site: {
        corners,
        further: [],
        north,
        latitude,
        approximate: true,
        levels: [],
        soil: { squeeze: "NOT_DONE", cover: "LAWN", clearing: "SHEET_MULCH" },
      },
    };
    try {
      const made = await request<GardenView>("POST", "/api/gardens", garden);
      client.setQueryData(keys.garden(made.plan.id), made);
      await client.invalidateQueries({ queryKey: keys.gardens });
      await navigate(`/gardens/${made.plan.id}`);
    } catch (failure) {
      if (failure instanceof Problem)
        setProblem({
          field: failure.field.replace(/^site\//, "").replace(/^corners.*/, "corners"),
          text: failure.message,
        });
      else setProblem({ field: "", text: everywhere.awayIdle });
    }
  }

  return (
    <section aria-label="A new garden" className="mt-4 border border-ink bg-paper p-4">
      <div className="grid gap-3 sm:grid-cols-2">
        <div className="sm:col-span-2">
          <TextField
            label={everywhere.gardenName}
            value={draft.name}
            fault={fault("name")}
            onCommit={set("name")}
          />
        </div>
        <Choice
          label={everywhere.measures.label}
          value={draft.units}
          options={everywhere.measures.options}
          onChange={(units) => {
            set("units")(units);
            if (corners === METRIC_PLOT || corners === IMPERIAL_PLOT) {
              setCorners(units === "METRIC" ? METRIC_PLOT : IMPERIAL_PLOT);
            }
          }}
        />
        <TextField
          label="First season"
          value={draft.firstSeason}
          figures
          fault={fault("firstSeason")}
          onCommit={set("firstSeason")}
        />
        <div>
          <TextField
            label="Currency"
            value={draft.currency}
            figures
            fault={fault("currency")}
            onCommit={set("currency")}
          />
          <p className="mt-0.5 text-sm text-soft">
            Rough starting prices come for {(catalogue.data?.currencies ?? []).join(", ")}.
          </p>
        </div>
        <div className="grid grid-cols-2 items-start gap-2">
          <TextField
            label="Budget"
            value={draft.budget}
            figures
            fault={fault("budget")}
            onCommit={set("budget")}
          />
          <TextField
            label="Held back, %"
            explain="contingency"
            value={draft.contingency}
            figures
            fault={fault("contingency")}
            onCommit={set("contingency")}
          />
        </div>
        <TextField
          label="North, degrees clockwise from up on the sheet"
          value={draft.north}
          figures
          fault={fault("north")}
          onCommit={set("north")}
        />
        <TextField
          label="Latitude, degrees; south of the equator with a minus"
          value={draft.latitude}
          figures
          fault={fault("latitude")}
          onCommit={set("latitude")}
        />
      </div>
      <div className="mt-3">
        <Choice label={words.beginWith} value={start} options={words.starts} onChange={setStart} />
        <p className="mt-0.5 text-sm text-soft">{start === "EMPTY" ? words.emptyPlot : words.laidOut}</p>
      </div>
      <PlotFields units={draft.units} corners={corners} onChange={setCorners} fault={fault("corners")} />
      {problem?.field === "" && (
        <p role="alert" className="mt-2 text-snag">
          {problem.text}
        </p>
      )}
      <button type="button" className="strong-button mt-4" onClick={() => void begin()}>
        Begin this garden
      </button>
    </section>
  );
}
