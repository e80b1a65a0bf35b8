import type { PointerEvent } from "react";
import { boxGrips } from "./grips";
import type { Action } from "./interaction";
import { cornersOf, placesOf, sidesOf, type Box, type Pieces, type Thing } from "./things";
import { toSheet, type View } from "./view";

/** What a grip does to the thing that it is on. */
type Grab = Extract<Action, { thing: string }>;

interface Props {
  thing: Thing;
  view: View;
  pieces: Pieces;
  onGrab: (grab: Grab, event: PointerEvent) => void;
}

/** Half the size of what the pointer can grab, pixels; a finger needs more than the mark shows. */
const GRAB = 12;
const GRAB_SMALL = 8;
const SHOWN = 4.5;
const SHOWN_SMALL = 3;
/** Shorter sides have no room for a grip that parts them, pixels. */
const LONG_ENOUGH = 44;

/** What one thing is stretched, turned, widened or bent by. */
export function Handles({ thing, view, pieces, onGrab }: Props) {
  const { id, geometry } = thing;
  return (
    <g>
      {geometry.kind === "BOX" && <BoxGrips id={id} box={geometry} view={view} onGrab={onGrab} />}
      {geometry.kind === "OPENING" &&
        placesOf(geometry, pieces).map((end, index) => (
          <Grip
            key={index}
            {...toSheet(view, end)}
            label="width"
            onPointerDown={(event) => {
              onGrab({ kind: "grab-end", thing: id }, event);
            }}
          />
        ))}
      {sidesOf(geometry).map(({ from, to, length }, index) => {
        if (length * view.scale < LONG_ENOUGH) return null;
        const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
        return (
          <Grip
            key={`side ${String(index)}`}
            {...toSheet(view, middle)}
            small
            label={`new corner after ${String(index + 1)}`}
            onPointerDown={(event) => {
              onGrab({ kind: "grab-side", thing: id, corner: index }, event);
            }}
          />
        );
      })}
      {cornersOf(geometry).map((corner, index) => (
        <Grip
          key={`corner ${String(index)}`}
          {...toSheet(view, corner)}
          round
          label={`corner ${String(index + 1)}`}
          onPointerDown={(event) => {
            onGrab({ kind: "grab-corner", thing: id, corner: index }, event);
          }}
        />
      ))}
    </g>
  );
}

interface BoxGripsProps extends Pick<Props, "view" | "onGrab"> {
  id: string;
  box: Box;
}

function BoxGrips({ id, box, view, onGrab }: BoxGripsProps) {
  const { turn, top, edges } = boxGrips(box.outline, view);
  return (
    <g>
      <path
        d={`M${String(top.x)} ${String(top.y)}L${String(turn.x)} ${String(turn.y)}`}
        stroke="var(--color-mark)"
        strokeWidth="1.2"
      />
      <Grip
        {...turn}
        round
        label="turn"
        onPointerDown={(event) => {
          onGrab({ kind: "grab-turn", thing: id }, event);
        }}
      />
      {edges.map(([edge, place]) => (
        <Grip
          key={edge}
          {...place}
          label={edge % 2 === 0 ? "width" : "length"}
          onPointerDown={(event) => {
            onGrab({ kind: "grab-edge", thing: id, edge }, event);
          }}
        />
      ))}
    </g>
  );
}

interface GripProps {
  x: number;
  y: number;
  label: string;
  round?: boolean;
  /** Less conspicuous: it makes something that isn't there. */
  small?: boolean;
  onPointerDown: (event: PointerEvent) => void;
}

function Grip({ x, y, label, round, small, onPointerDown }: GripProps) {
  const half = small ? SHOWN_SMALL : SHOWN;
  return (
    <g className="cursor-grab" data-grip={label} onPointerDown={onPointerDown}>
      <circle cx={x} cy={y} r={small ? GRAB_SMALL : GRAB} fill="transparent" />
      <rect
        x={x - half}
        y={y - half}
        width={2 * half}
        height={2 * half}
        rx={round ? half : 0}
        fill={small ? "var(--color-markpale)" : "white"}
        stroke="var(--color-mark)"
        strokeWidth="2"
      />
    </g>
  );
}
