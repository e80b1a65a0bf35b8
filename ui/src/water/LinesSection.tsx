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
import { bedLines, type BedLines, type Dripline, type Soaker } from "./water";
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
          {(["DRIPLINE", "DRILLED_HOSE"] as const).map((way) => (
            <button
              key={way}
              type="button"
              className="plain-button"
              onClick={() => {
                void water.lines(wanted, way);
              }}
            >
              {way === "DRIPLINE" ? words.layDripline : words.layHose} {where}
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
  return way === "DRIPLINE" ? { kind: "PutDripline", dripline: lines } : { kind: "PutSoaker", soaker: lines };
}

function removeLines({ way, lines }: BedLines): Change {
  return way === "DRIPLINE"
    ? { kind: "RemoveDripline", dripline: lines.id }
    : { kind: "RemoveSoaker", soaker: lines.id };
}

function withPart(each: BedLines, part: Partial<Dripline> & Partial<Soaker>): BedLines {
  return each.way === "DRIPLINE"
    ? { way: each.way, lines: { ...each.lines, ...part } }
    : { way: each.way, lines: { ...each.lines, ...part } };
}

function LinesForm({ each }: { each: BedLines }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { lines } = each;
  const selected = desk.selection.has(lines.bed);
  const [open, setOpen] = useOpenWhen(selected);
  const name = desk.plan.beds.find(({ id }) => id === lines.bed)?.name ?? words.nothing;
  const put = (field: string, part: Partial<Dripline> & Partial<Soaker>) => {
    edit(field, putLines(withPart(each, part)));
  };
  const length = (field: "emitters" | "lines" | "inset" | "hole" | "spacing", value: number) => (
    <LengthField
      label={words.lengths[field]}
      value={value}
      units={desk.units}
      fault={faults[field]}
      onCommit={(metres) => {
        put(field, { [field]: metres });
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
          {each.way === "DRIPLINE" ? (
            <>
              {length("emitters", each.lines.emitters)}
              {length("lines", each.lines.lines)}
              <MeasureField
                label={words.emitterFlow}
                value={each.lines.flow}
                format={(flow) => formatDrip(flow, desk.units)}
                parse={(text) => parseDrip(text, desk.units)}
                fault={faults["flow"]}
                onCommit={(flow) => {
                  put("flow", { flow });
                }}
                onUnread={() => {
                  refuse("flow", words.unreadableDrip);
                }}
              />
            </>
          ) : (
            <>
              {length("inset", each.lines.inset)}
              {length("hole", each.lines.hole)}
              {length("spacing", each.lines.spacing)}
            </>
          )}
          <FedBy
            from={lines.from}
            onChange={(from) => {
              put("from", { from });
            }}
          />
        </div>
        {each.way === "DRIPLINE" && (
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
