import { Popover } from "radix-ui";
import { useState } from "react";
import { Problem, request } from "../api/client";
import type { Change, Order } from "../api/types";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { words } from "../words";
import { useDesk } from "../workspace/desk";

type Kind = Order["kind"];
type Axis = Order["axis"];

const KINDS: readonly { value: Kind; label: string }[] = [
  { value: "LINE_UP", label: "Line up" },
  { value: "SPREAD", label: "Spread evenly" },
  { value: "MIRROR", label: "Mirror" },
  { value: "REPEAT", label: "Repeat" },
  { value: "FIT", label: "Fit in as many as go" },
  { value: "CENTRE", label: "Centre" },
];

/** Lines up, spreads, mirrors or repeats the selected beds: one edit, worked out by the program. */
export function OrderTools() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<Kind>("LINE_UP");
  const [axis, setAxis] = useState<Axis>("ACROSS");
  const [edge, setEdge] = useState<NonNullable<Order["edge"]>>("LOW");
  const [count, setCount] = useState(3);
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
      axis,
      beds: [...desk.selection],
      ...(kind === "LINE_UP" ? { edge } : {}),
      ...(kind === "REPEAT" ? { count } : {}),
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
      <Popover.Trigger className="plain-button">Line up, repeat …</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="z-20 w-72 space-y-2 border border-ink bg-white p-3"
          aria-label="Line up or repeat beds"
        >
          <Choice label="What" value={kind} options={KINDS} onChange={setKind} />
          <Choice label="Direction" value={axis} options={directions(kind)} onChange={setAxis} />
          {kind === "LINE_UP" && <Choice label="By" value={edge} options={edges(axis)} onChange={setEdge} />}
          {kind === "REPEAT" && (
            <TextField
              label="Beds in all"
              value={String(count)}
              figures
              onCommit={(text) => {
                setCount(/^\d{1,4}$/.test(text.trim()) ? Number(text) : 0);
              }}
            />
          )}
          {(kind === "REPEAT" || kind === "FIT") && (
            <LengthField label="Gap between" value={gap} units={desk.units} onCommit={setGap} />
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
          <button type="button" className="strong-button w-full" onClick={() => void carryOut()}>
            Do it with {desk.selection.size} {desk.selection.size === 1 ? "bed" : "beds"}
          </button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
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
