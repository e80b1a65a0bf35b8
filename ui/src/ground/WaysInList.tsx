import { ToolButton } from "../forms/ToolButton";
import type { Point, WayIn } from "../api/types";
import { freeName, without } from "../edits/changes";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { LeafFields } from "./LeafFields";
import { fencesOf, onEdge, onLine } from "./gateLine";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { fieldsOf } from "../workspace/fields";
import { ByNumbers } from "../forms/ByNumbers";
import { LifetimeFields } from "../forms/LifetimeFields";
import { useFieldEdit } from "../forms/useFieldEdit";

/** 42 in lets a barrow through with ease: common practice, metres. */
const USUAL_GATE = 1.0668;

/** The choice of no fence. */
const EDGE = "edge";

/** Gates and openings of the plot. */
export function WaysInList() {
  const desk = useDesk();
  const { waysIn } = desk.plan;

  function add(place: Point, width: number, refused: (message: string) => void) {
    const name = freeName(
      "Gate",
      waysIn.map((way) => way.name),
    );
    const wayIn: WayIn = {
      id: crypto.randomUUID(),
      name,
      place,
      width,
      swing: "INWARD",
      lifetime: {},
      sill: 0,
    };
    desk.submit({ kind: "PutWayIn", wayIn }, refused);
    desk.select([wayIn.id]);
  }

  return (
    <section className="space-y-2">
      <h3>Ways in</h3>
      {waysIn.length === 0 && <p className="text-soft">{words.noWaysIn}</p>}
      {waysIn.map((way) => (
        <WayInForm key={way.id} way={way} />
      ))}
      <div className="flex gap-2">
        <ToolButton
          tool={{ kind: "wayIn" }}
          take="Set a gate on the sheet"
          inHand="Click on the plot's edge, or a fence …"
        />
        <ByNumbers
          labels={["Add by numbers", "Set the gate"]}
          shortcut="G"
          extent="OPENING"
          size={{ length: USUAL_GATE, width: USUAL_GATE }}
          onPlace={(geometry, refused) => {
            if (geometry.kind === "OPENING") add(geometry.place, geometry.width, refused);
          }}
        />
      </div>
    </section>
  );
}

function WayInForm({ way }: { way: WayIn }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();

  function put(field: string, part: Partial<WayIn>) {
    edit(field, { kind: "PutWayIn", wayIn: { ...way, ...part } });
  }

  return (
    <fieldset
      className={`space-y-2 border-b border-hair pb-2 ${desk.selection.has(way.id) ? "bg-markpale/40" : ""}`}
      {...fieldsOf(way.id)}
      onFocus={({ target }) => {
        // What is selected gets a heading above the list: a button that moved away under the pointer would not be pressed.
        if (!desk.selection.has(way.id) && !(target instanceof HTMLButtonElement)) desk.select([way.id]);
      }}
    >
      <legend className="sr-only">{way.name}</legend>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <TextField
          label="Name"
          value={way.name}
          fault={faults["name"]}
          onCommit={(name) => {
            put("name", { name });
          }}
        />
        <button
          type="button"
          className="plain-button px-2"
          aria-label={`Delete ${way.name}`}
          onClick={() => {
            edit("name", { kind: "RemoveWayIn", wayIn: way.id });
          }}
        >
          −
        </button>
      </div>
      <div className="grid grid-cols-3 items-end gap-2">
        <LengthField
          label="Width"
          value={way.width}
          units={desk.units}
          fault={faults["width"]}
          onCommit={(width) => {
            put("width", { width });
          }}
        />
        <LengthField
          label="Sill, high"
          value={way.sill}
          units={desk.units}
          fault={faults["sill"]}
          onCommit={(sill) => {
            put("sill", { sill });
          }}
        />
        <Choice
          label="Swings"
          value={way.swing}
          options={[
            { value: "INWARD", label: "inward" },
            { value: "OUTWARD", label: "outward" },
            { value: "SLIDING", label: "slides" },
            { value: "OPEN", label: "no gate" },
          ]}
          onChange={(swing) => {
            const open = swing === "OPEN" ? without(way, "leaf") : way;
            edit("swing", { kind: "PutWayIn", wayIn: { ...open, swing } });
          }}
        />
      </div>
      <InWhat
        way={way}
        onChange={(wayIn) => {
          edit("fence", { kind: "PutWayIn", wayIn });
        }}
      />
      {way.swing !== "OPEN" && (
        <LeafFields
          way={way}
          faults={faults}
          onChange={(field, wayIn) => {
            edit(field, { kind: "PutWayIn", wayIn });
          }}
        />
      )}
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label="To the right"
          value={way.place.x}
          units={desk.units}
          fault={faults["place"]}
          onCommit={(x) => {
            put("place", { place: { ...way.place, x } });
          }}
        />
        <LengthField
          label="Up"
          value={way.place.y}
          units={desk.units}
          onCommit={(y) => {
            put("place", { place: { ...way.place, y } });
          }}
        />
        <LifetimeFields
          lifetime={way.lifetime}
          labels={{ from: "From season", until: "Closed from season" }}
          faults={faults}
          onChange={(field, lifetime) => {
            put(field, { lifetime });
          }}
        />
      </div>
    </fieldset>
  );
}

/** Whether it is in the edge of the plot or in a fence within it. */
function InWhat({ way, onChange }: { way: WayIn; onChange: (way: WayIn) => void }) {
  const desk = useDesk();
  const fences = fencesOf(desk.plan, desk.season);
  if (fences.length === 0) return null;
  return (
    <Choice
      label={words.gateIn}
      value={way.fence ?? EDGE}
      options={[
        { value: EDGE, label: words.edge },
        ...fences.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={(chosen) => {
        const fence = fences.find(({ id }) => id === chosen);
        if (fence)
          onChange({ ...way, fence: fence.id, place: onLine(fence.places, way.place, desk.snapStep) });
        else onChange({ ...without(way, "fence"), place: onEdge(desk.plan.site, way.place, desk.snapStep) });
      }}
    />
  );
}
