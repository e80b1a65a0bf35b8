import { ToolButton } from "../forms/ToolButton";
import { useState } from "react";
import type { Form } from "../api/types";
import { formName, words } from "./words";
import { formatLength } from "../measure/lengths";
import { PaperLink } from "../papers/PaperLink";
import { byName } from "../parts/byName";
import { roving, RovingList } from "../parts/RovingList";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { snapSteps } from "../workspace/steps";
import { useThingActions } from "../workspace/useThingActions";
import { Arrangements } from "./Arrangements";
import { BedForm } from "./BedForm";
import { FamiliesSection } from "./FamiliesSection";
import { OrderTools } from "./OrderTools";
import { SeveralBeds } from "./SeveralBeds";
import { PlaceByNumbers } from "./PlaceByNumbers";
import { words as everywhere } from "../words";

const FORMS: readonly Form["kind"][] = ["RECTANGLE", "ELL", "COMB", "OCTAGON", "FREE"];

/** The beds of the garden as a list, and the selected one by its numbers. */
export function BedsPanel() {
  const desk = useDesk();
  const [form, setForm] = useState<Form["kind"]>("RECTANGLE");
  const drawing = desk.tool?.kind === "bed";
  const { beds: selected, duplicate, remove } = useThingActions();
  const [only] = selected;
  const plural = selected.length > 1 ? ` ${String(selected.length)} beds` : "";
  return (
    <div className="space-y-3">
      <div className="flex flex-wrap gap-2">
        <ToolButton
          tool={{ kind: "bed", form }}
          take="Draw a bed"
          inHand={everywhere.drawing.AREA}
          shortcut="B"
        />
        <PlaceByNumbers form={form} />
        <Arrangements />
      </div>
      <Choice
        label="Shape of new beds"
        explain="comb"
        value={form}
        options={FORMS.map((kind) => ({ value: kind, label: formName(kind) }))}
        onChange={(kind) => {
          setForm(kind);
          if (drawing) desk.setTool({ kind: "bed", form: kind });
        }}
      />
      <Choice
        label="Snap step"
        value={String(desk.snapStep)}
        options={snapSteps(desk.units).map((step) => ({
          value: String(step),
          label: formatLength(step, desk.units),
        }))}
        onChange={(step) => {
          desk.setSnapStep(Number(step));
        }}
      />
      {selected.length > 0 && (
        <div className="flex flex-wrap gap-2 border-t border-rule pt-3">
          <button type="button" className="plain-button" onClick={duplicate} title="D">
            Duplicate{plural}
          </button>
          <button type="button" className="plain-button" onClick={remove} title="Delete">
            Delete{plural}
          </button>
          <OrderTools />
        </div>
      )}
      {only && selected.length === 1 && <BedForm key={only.id} bed={only} />}
      {selected.length > 1 && <SeveralBeds beds={selected} />}
      <BedList />
      <FamiliesSection />
    </div>
  );
}

function BedList() {
  const desk = useDesk();
  const beds = byName(desk.plan.beds);
  return (
    <div className="border-t border-rule pt-2">
      <h3 className="flex items-baseline gap-2">
        All beds <span className="figures grow text-soft">{beds.length}</span> <PaperLink paper="beds" />
      </h3>
      {beds.length === 0 && <p className="mt-1 text-soft">{words.noBeds}</p>}
      <RovingList role="list">
        {beds.map((bed) => {
          const standing = desk.bedById.get(bed.id);
          const outline = desk.outlines.get(bed.id);
          const first = bed.revisions[0]?.from ?? 0;
          return (
            <div role="listitem" key={bed.id}>
              <button
                {...roving}
                type="button"
                disabled={!standing}
                aria-pressed={desk.selection.has(bed.id)}
                className={`flex w-full items-baseline gap-2 border-b border-hair px-1 py-1 text-left enabled:cursor-pointer enabled:hover:bg-markpale ${desk.selection.has(bed.id) ? "bg-markpale font-semibold" : ""}`}
                onClick={(event) => {
                  desk.select(event.shiftKey ? [...desk.selection, bed.id] : [bed.id]);
                }}
              >
                <span className="grow truncate">{bed.name}</span>
                <span className="figures shrink-0 text-sm text-soft">
                  {outline
                    ? `${formatLength(outline.length, desk.units)} × ${formatLength(outline.width, desk.units)}`
                    : first > desk.season
                      ? `from ${String(first)}`
                      : bed.retired !== undefined && bed.retired <= desk.season
                        ? `gone in ${String(bed.retired)}`
                        : "…"}
                </span>
              </button>
            </div>
          );
        })}
      </RovingList>
    </div>
  );
}
