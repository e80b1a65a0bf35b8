import type { Change } from "../api/types";
import { useOpenWhen } from "../forms/useOpenWhen";
import { CheckField } from "../parts/CheckField";
import { LengthField } from "../parts/LengthField";
import { MeasureField } from "../parts/MeasureField";
import { RovingList } from "../parts/RovingList";
import { LifetimeFields } from "../forms/LifetimeFields";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDrip, parseDrip } from "../measure/water";
import { useDesk } from "../workspace/desk";
import { fieldsOf } from "../workspace/fields";
import { isThere } from "../workspace/seasons";
import { roving } from "../parts/RovingList";
import { FedBy } from "./FedBy";
import { useWater } from "./useWater";
import { bedLines, WAYS, type BedLines, type Dripline, type Soaker, type Sprinklers } from "./water";
import { WayComparison } from "./WayComparison";
import { words } from "./words";

/** What lies in the beds: laid by a click for one bed or for many, and changed by its figures. */
export function LinesSection() {
  const desk = useDesk();
  const water = useWater();
  const all = bedLines(desk.plan);
  const watered = new Set(
    all.filter(({ lines }) => isThere(lines.lifetime, desk.season)).map(({ lines }) => lines.bed),
  );
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));
  const wanted = selected.length > 0 ? selected : [...desk.outlines.keys()].filter((id) => !watered.has(id));
  const compared = selected.length > 0 ? selected : [...desk.outlines.keys()];
  const where = selected.length > 0 ? words.inSelected(wanted.length) : words.inDry(wanted.length);
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.beds}</h3>
      {all.length === 0 && <p className="text-soft">{words.noLines}</p>}
      <RovingList>
        {all.map((each) => (
          <LinesForm key={each.lines.id} each={each} />
        ))}
      </RovingList>
      {wanted.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {WAYS.map((way) => (
            <button
              key={way}
              type="button"
              className="plain-button"
              onClick={() => {
                void water.lines(wanted, way);
              }}
            >
              {words.lay[way]} {where}
            </button>
          ))}
        </div>
      )}
      {compared.length > 0 && <WayComparison key={compared.join()} beds={compared} />}
      {water.fault && (
        <p role="alert" className="text-snag">
          {water.fault}
        </p>
      )}
    </section>
  );
}

function putLines({ way, lines }: BedLines): Change {
  switch (way) {
    case "DRIPLINE":
    case "PLANT_DRIPPERS":
      return { kind: "PutDripline", dripline: lines };
    case "DRILLED_HOSE":
      return { kind: "PutSoaker", soaker: lines };
    case "SPRINKLERS":
      return { kind: "PutSprinklers", sprinklers: lines };
  }
}

function removeLines({ way, lines: { id } }: BedLines): Change {
  switch (way) {
    case "DRIPLINE":
    case "PLANT_DRIPPERS":
      return { kind: "RemoveDripline", dripline: id };
    case "DRILLED_HOSE":
      return { kind: "RemoveSoaker", soaker: id };
    case "SPRINKLERS":
      return { kind: "RemoveSprinklers", sprinklers: id };
  }
}

function isDrip(each: BedLines): each is Extract<BedLines, { lines: Dripline }> {
  return each.way === "DRIPLINE" || each.way === "PLANT_DRIPPERS";
}

type Part = Partial<Dripline> & Partial<Soaker> & Partial<Sprinklers>;

function withPart(each: BedLines, part: Part): BedLines {
  return { ...each, lines: { ...each.lines, ...part } } as BedLines;
}

function LinesForm({ each }: { each: BedLines }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { lines } = each;
  const selected = desk.selection.has(lines.bed);
  const [open, setOpen] = useOpenWhen(selected);
  const name = desk.plan.beds.find(({ id }) => id === lines.bed)?.name ?? words.nothing;
  const put = (field: string, part: Part) => {
    edit(field, putLines(withPart(each, part)));
  };
  const length = (field: keyof typeof words.lengths, value: number) => (
    <LengthField
      label={{ ...words.lengths, ...(each.way === "PLANT_DRIPPERS" ? words.plants : {}) }[field]}
      value={value}
      units={desk.units}
      fault={faults[field]}
      onCommit={(metres) => {
        put(field, { [field]: metres });
      }}
    />
  );
  const flow = (label: string, value: number) => (
    <MeasureField
      label={label}
      value={value}
      format={(read) => formatDrip(read, desk.units)}
      parse={(text) => parseDrip(text, desk.units)}
      fault={faults["flow"]}
      onCommit={(read) => {
        put("flow", { flow: read });
      }}
      onUnread={() => {
        refuse("flow", words.unreadableDrip);
      }}
    />
  );
  return (
    <details
      className={`border-b border-hair py-1 ${selected ? "bg-markpale/40" : ""}`}
      data-testid="lines"
      {...fieldsOf(lines.id)}
      open={open}
    >
      <summary
        {...roving}
        className="cursor-pointer"
        onClick={(event) => {
          // Selecting its bed opens it too: the browser's own turn would close it again.
          event.preventDefault();
          setOpen(!open);
          if (!open && desk.bedById.has(lines.bed)) desk.select([lines.bed]);
        }}
      >
        {name} <span className="text-soft">{words.ways[each.way]}</span>
      </summary>
      <div className="space-y-2 py-2" {...fieldsOf(lines.bed)}>
        <div className="grid grid-cols-2 items-end gap-2">
          {isDrip(each) && (
            <>
              {length("emitters", each.lines.emitters)}
              {length("lines", each.lines.lines)}
              {flow(words.emitterFlow, each.lines.flow)}
            </>
          )}
          {each.way === "DRILLED_HOSE" && (
            <>
              {length("inset", each.lines.inset)}
              {length("hole", each.lines.hole)}
              {length("spacing", each.lines.spacing)}
            </>
          )}
          {each.way === "SPRINKLERS" && (
            <>
              {length("radius", each.lines.radius)}
              {flow(words.sprinklerFlow, each.lines.flow)}
            </>
          )}
          <FedBy
            from={lines.from}
            onChange={(from) => {
              put("from", { from });
            }}
          />
        </div>
        {each.way === "SPRINKLERS" && <p className="text-sm text-soft">{words.sprinklersExplained}</p>}
        {each.way === "PLANT_DRIPPERS" && <p className="text-sm text-soft">{words.plantsExplained}</p>}
        {isDrip(each) && (
          <CheckField
            label={words.compensating}
            checked={each.lines.compensating}
            onChange={(compensating) => {
              put("compensating", { compensating });
            }}
          />
        )}
        <CheckField
          label={words.bedValve}
          checked={lines.valve}
          onChange={(valve) => {
            put("valve", { valve });
          }}
        />
        <div className="grid grid-cols-2 items-end gap-2">
          <LifetimeFields
            lifetime={lines.lifetime}
            labels={{ from: "Laid in season", until: "Taken up in season" }}
            always="there already"
            faults={faults}
            onChange={(field, lifetime) => {
              put(field, { lifetime });
            }}
          />
        </div>
        <button
          type="button"
          className="plain-button"
          aria-label={`Delete the ${words.ways[each.way]} of ${name}`}
          onClick={() => {
            edit("name", removeLines(each));
          }}
        >
          Delete
        </button>
      </div>
    </details>
  );
}
