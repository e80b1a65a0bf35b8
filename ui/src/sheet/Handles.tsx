import type { PointerEvent } from "react";
import type { Point, Rectangle, Units } from "../api/types";
import { formatDimension } from "../measure/lengths";
import { at, type Edge } from "./geometry";
import { toSheet, type View } from "./view";

interface Props {
  outline: Rectangle;
  view: View;
  units: Units;
  /** Free corners on the drawing, each of which can be dragged; none where the form makes them. */
  corners: readonly Point[];
  onCorner: (corner: number, event: PointerEvent) => void;
  onEdge: (edge: Edge, event: PointerEvent) => void;
  onTurn: (event: PointerEvent) => void;
  onSize: (side: "length" | "width") => void;
}

/** Half the size of what the pointer can grab, pixels; a finger needs more than the mark shows. */
const GRAB = 12;
const SHOWN = 4.5;
/** Distance of the turning handle from the edge, pixels. */
const TURN_DISTANCE = 34;
const SIZE_DISTANCE = 16;

/** What one bed is stretched and turned by, and its sizes to be typed. */
export function Handles({ outline, view, units, corners, onCorner, onEdge, onTurn, onSize }: Props) {
  const a = outline.length / 2;
  const b = outline.width / 2;
  const edges: [Edge, number, number][] = [
    [0, 0, -b],
    [1, a, 0],
    [2, 0, b],
    [3, -a, 0],
  ];
  const turn = toSheet(view, at(outline, 0, b + TURN_DISTANCE / view.scale));
  const top = toSheet(view, at(outline, 0, b));
  return (
    <g>
      <path
        d={`M${String(top.x)} ${String(top.y)}L${String(turn.x)} ${String(turn.y)}`}
        stroke="var(--color-mark)"
        strokeWidth="1.2"
      />
      <Grip x={turn.x} y={turn.y} round label="turn" onPointerDown={onTurn} />
      {edges.map(([edge, along, across]) => {
        const place = toSheet(view, at(outline, along, across));
        return (
          <Grip
            key={edge}
            x={place.x}
            y={place.y}
            label={edge % 2 === 0 ? "width" : "length"}
            onPointerDown={(event) => {
              onEdge(edge, event);
            }}
          />
        );
      })}
      {corners.map((corner, index) => {
        const place = toSheet(view, corner);
        return (
          <Grip
            key={`corner ${String(index)}`}
            x={place.x}
            y={place.y}
            round
            label={`corner ${String(index + 1)}`}
            onPointerDown={(event) => {
              onCorner(index, event);
            }}
          />
        );
      })}
      <SizeLabel outline={outline} view={view} units={units} side="length" onSize={onSize} />
      <SizeLabel outline={outline} view={view} units={units} side="width" onSize={onSize} />
    </g>
  );
}

interface GripProps {
  x: number;
  y: number;
  label: string;
  round?: boolean;
  onPointerDown: (event: PointerEvent) => void;
}

function Grip({ x, y, label, round, onPointerDown }: GripProps) {
  return (
    <g className="cursor-grab" data-grip={label} onPointerDown={onPointerDown}>
      <circle cx={x} cy={y} r={GRAB} fill="transparent" />
      <rect
        x={x - SHOWN}
        y={y - SHOWN}
        width={2 * SHOWN}
        height={2 * SHOWN}
        rx={round ? SHOWN : 0}
        fill="white"
        stroke="var(--color-mark)"
        strokeWidth="2"
      />
    </g>
  );
}

function SizeLabel({
  outline,
  view,
  units,
  side,
  onSize,
}: Pick<Props, "outline" | "view" | "units" | "onSize"> & { side: "length" | "width" }) {
  const away = SIZE_DISTANCE / view.scale;
  const place = toSheet(
    view,
    side === "length"
      ? at(outline, outline.length / 4, -outline.width / 2 - away)
      : at(outline, outline.length / 2 + away * 2.4, outline.width / 4),
  );
  const text = formatDimension(outline[side], units);
  const width = text.length * 7.6 + 8;
  return (
    <g
      role="button"
      tabIndex={-1}
      aria-label={`${side} ${text}: change`}
      className="cursor-pointer"
      onClick={() => {
        onSize(side);
      }}
      onPointerDown={(event) => {
        event.stopPropagation();
      }}
    >
      <rect x={place.x - width / 2} y={place.y - 9} width={width} height="18" fill="var(--color-mark)" />
      <text x={place.x} y={place.y + 4} textAnchor="middle" fontSize="12" fill="white" className="figures">
        {text}
      </text>
    </g>
  );
}
