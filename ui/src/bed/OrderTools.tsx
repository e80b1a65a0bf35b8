import { Popover } from "radix-ui";
import { useState } from "react";
import { Problem, request } from "../api/client";
import type { Change, Order } from "../api/types";
import { EnterForm } from "../forms/EnterForm";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { words } from "../words";
import { useDesk } from "../workspace/desk";

type Kind = Order["kind"];
type Axis = Order["axis"];

const KINDS: readonly { value: Kind; label: string }[] = [
  { value: "LINE_UP", label: "Align" },
  { value: "SPREAD", label: "Spread evenly" },
  { value: "MIRROR", label: "Mirror a copy" },
  { value: "REPEAT", label: "Repeat in rows and columns" },
  { value: "FIT", label: "Fit in as many as go" },
  { value: "CENTRE", label: "Centre" },
];

/** Aligns, spreads, mirrors or repeats the selected beds: one edit, worked out by the program. */
export function OrderTools() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<Kind>("LINE_UP");
  const [axis, setAxis] = useState<Axis>("ACROSS");
  const [edge, setEdge] = useState<NonNullable<Order["edge"]>>("LOW");
  const [count, setCount] = useState(3);
  const [lines, setLines] = useState(1);
  const [lineGap, setLineGap] = useState(desk.units === "METRIC" ? 0.6 : 0.6096);
  const [gap, setGap] = useState(desk.units === "METRIC" ? 0.6 : 0.6096);
  const [target, setTarget] = useState("middle");
  const [fault, setFault] = useState<string>();
  const sights = [
    ...desk.plan.features
      .filter((f) => f.places.length === 1)
      .map((f) => ({ id: f.id, name: f.name, at: f.places[0] })),
    ...desk.plan.waysIn.map((way) => ({ id: way.id, name: way.name, at: way.place })),
  ];

  async function carryOut() {
    setFault(undefined);
    const sight = sights.find(({ id }) => id === target)?.at;
    const at = sight && (axis === "ACROSS" ? sight.x : sight.y);
    const order: Order = {
      kind,
      axis: kind === "REPEAT" ? "ACROSS" : axis,
      beds: [...desk.selection],
      ...(kind === "LINE_UP" ? { edge } : {}),
      ...(kind === "REPEAT" ? { count, lines, lineGap } : {}),
      ...(kind === "REPEAT" || kind === "FIT" ? { gap } : {}),
      ...(at !== undefined && (kind === "MIRROR" || kind === "CENTRE") ? { at } : {}),
    };
    try {
      const path = `/api/gardens/${desk.plan.id}/orders?season=${String(desk.season)}`;
      const change = await request<Change>("POST", path, order);
      desk.submit(change, setFault);
      setOpen(false);
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : words.awayIdle);
    }
  }

  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="plain-button" aria-keyshortcuts="A" title="A">
        Arrange (align, repeat) …
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="z-20 w-72 space-y-2 border border-ink bg-white p-3"
          aria-label="Arrange beds"
        >
          <EnterForm className="space-y-2" onEnter={() => void carryOut()}>
            <Choice label="What" value={kind} options={KINDS} onChange={setKind} />
            {kind !== "REPEAT" && (
              <Choice label="Direction" value={axis} options={directions(kind)} onChange={setAxis} />
            )}
            {kind === "LINE_UP" && (
              <Choice label="By" value={edge} options={edges(axis)} onChange={setEdge} />
            )}
            {kind === "REPEAT" && (
              <div className="grid grid-cols-2 gap-2">
                <CountField label="Columns" value={count} onChange={setCount} />
                <CountField label="Rows" value={lines} onChange={setLines} />
              </div>
            )}
            {(kind === "REPEAT" || kind === "FIT") && (
              <LengthField
                label={kind === "REPEAT" ? "Gap between columns" : "Gap between"}
                value={gap}
                units={desk.units}
                onCommit={setGap}
              />
            )}
            {kind === "REPEAT" && (
              <LengthField
                label="Gap between rows"
                value={lineGap}
                units={desk.units}
                onCommit={setLineGap}
              />
            )}
            {(kind === "MIRROR" || kind === "CENTRE") && (
              <Choice
                label={kind === "MIRROR" ? "Mirror stands at" : "On"}
                value={target}
                options={[
                  { value: "middle", label: "the middle of the plot" },
                  ...sights.map(({ id, name }) => ({ value: id, label: name })),
                ]}
                onChange={setTarget}
              />
            )}
            {fault && (
              <p role="alert" className="text-sm text-snag">
                {fault}
              </p>
            )}
            <button type="submit" className="strong-button w-full">
              Do it with {desk.selection.size} {desk.selection.size === 1 ? "bed" : "beds"}
            </button>
          </EnterForm>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function CountField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number;
  onChange: (count: number) => void;
}) {
  return (
    <TextField
      label={label}
      value={String(value)}
      figures
      onCommit={(text) => {
        onChange(/^\d{1,4}$/.test(text.trim()) ? Number(text) : 0);
      }}
    />
  );
}

function directions(kind: Kind): { value: Axis; label: string }[] {
  if (kind === "MIRROR")
    return [
      { value: "ACROSS", label: "left to right" },
      { value: "UP", label: "bottom to top" },
    ];
  return [
    { value: "ACROSS", label: kind === "LINE_UP" ? "one above the other" : "left to right" },
    { value: "UP", label: kind === "LINE_UP" ? "side by side" : "bottom to top" },
  ];
}

function edges(axis: Axis): { value: NonNullable<Order["edge"]>; label: string }[] {
  const across = axis === "ACROSS";
  return [
    { value: "LOW", label: across ? "their left edges" : "their lower edges" },
    { value: "MIDDLE", label: "their middles" },
    { value: "HIGH", label: across ? "their right edges" : "their upper edges" },
  ];
}
