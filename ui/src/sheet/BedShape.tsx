import type { KeyboardEvent, PointerEvent } from "react";
import type { BedAppraisal, Gardener, Rectangle, Units } from "../api/types";
import { formatLength } from "../measure/lengths";
import { bedLabel } from "../words";
import { fitted } from "./outline";
import { closedPath } from "./path";
import { hatchId } from "./Patterns";
import { toSheet, type View } from "./view";

interface Props {
  bed: BedAppraisal;
  /** Where it is drawn: under the hand it runs ahead of the judgement. */
  outline: Rectangle;
  view: View;
  units: Units;
  gardeners: readonly Gardener[];
  selected: boolean;
  flaws: number;
  /** The figure under its name: what the current step of the trade order is about. */
  note: string;
  onPointerDown: (event: PointerEvent) => void;
  onKeyDown: (event: KeyboardEvent) => void;
  onFocus: () => void;
}

/** Narrower than this on the sheet nothing is written into a bed, pixels. */
const ROOM_FOR_WORDS = 34;
const LETTER = 13;

/** What stands round the soil, seen from above. */
const FILLS = {
  BOARDS: "var(--color-timber)",
  KIT: "var(--color-metal)",
  WALL: "var(--color-masonry)",
  MOUND: "url(#soil)",
  GROUND: "url(#soil)",
} as const;

/** A bed to scale: its boards at their true thickness, the soil inside, and what is out of reach. */
export function BedShape(props: Props) {
  const { bed, outline, view, units, gardeners, selected, flaws, note } = props;
  const framed = bed.holder !== "MOUND" && bed.holder !== "GROUND";
  return (
    <g
      role="button"
      tabIndex={0}
      data-bed={bed.name}
      aria-label={bedLabel(
        bed.name,
        formatLength(outline.length, units),
        formatLength(outline.width, units),
        flaws,
      )}
      aria-pressed={selected}
      className="cursor-move outline-none [&:focus-visible>path[data-edge]]:stroke-[var(--color-mark)]"
      onPointerDown={props.onPointerDown}
      onKeyDown={props.onKeyDown}
      onFocus={props.onFocus}
    >
      {bed.leansOut > 0 && <Leaning bed={bed} outline={outline} view={view} />}
      <path
        d={closedPath(fitted(bed.corners, bed.outline, outline), view)}
        fill={FILLS[bed.holder]}
        stroke={selected ? "var(--color-mark)" : "var(--color-ink)"}
        data-edge
        strokeWidth={selected ? 3 : 1.2}
        strokeDasharray={framed ? undefined : "7 3"}
      />
      {framed && (
        <path
          d={closedPath(fitted(bed.inside, bed.outline, outline), view)}
          fill="url(#soil)"
          stroke="var(--color-ink)"
          strokeWidth="0.6"
        />
      )}
      <OutOfReach bed={bed} view={view} gardeners={gardeners} />
      <BedWords bed={bed} outline={outline} view={view} note={note} />
    </g>
  );
}

/** What a cap or crops take of the walk: a band as wide on either side of the edge, of which the bed covers the inner half. */
function Leaning({ bed, outline, view }: Pick<Props, "bed" | "outline" | "view">) {
  return (
    <path
      data-leans-out={bed.name}
      d={closedPath(fitted(bed.corners, bed.outline, outline), view)}
      fill="none"
      stroke="var(--color-lean)"
      strokeWidth={bed.leansOut * view.scale * 2}
      strokeLinejoin="round"
      pointerEvents="none"
    />
  );
}

function OutOfReach({ bed, view, gardeners }: Pick<Props, "bed" | "view" | "gardeners">) {
  return (
    <g pointerEvents="none">
      {bed.reach.map(({ gardener, unreached }) =>
        unreached.parts.map((part, index) => (
          <path
            key={`${gardener}-${String(index)}`}
            data-unreached-by={gardeners.find((g) => g.id === gardener)?.name}
            d={closedPath(part, view)}
            fill={`url(#${hatchId(gardeners.findIndex((g) => g.id === gardener))})`}
            stroke="var(--color-ink)"
            strokeWidth="0.6"
            strokeDasharray="3 2"
          />
        )),
      )}
      {bed.nobody.parts.map((part, index) => (
        <path
          key={index}
          data-unreached-by="nobody"
          d={closedPath(part, view)}
          fill="url(#hatch-nobody)"
          stroke="var(--color-snag)"
          strokeWidth="1.4"
        />
      ))}
    </g>
  );
}

function BedWords({ bed, outline, view, note }: Pick<Props, "bed" | "outline" | "view" | "note">) {
  const upright = outline.turn % 180 > 45 && outline.turn % 180 < 135;
  const wide = outline.length >= outline.width;
  const long = Math.max(outline.length, outline.width) * view.scale;
  const short = Math.min(outline.length, outline.width) * view.scale;
  if (short < LETTER + 2 || long < ROOM_FOR_WORDS) return null;
  const middle = toSheet(view, outline.centre);
  const turn = readable(outline.turn + (wide ? 0 : upright ? -90 : 90));
  const letters = Math.floor(long / (LETTER * 0.56));
  const roomForNote = short > 2.6 * LETTER && long > note.length * 7;
  return (
    <g
      pointerEvents="none"
      transform={`translate(${middle.x.toFixed(1)} ${middle.y.toFixed(1)}) rotate(${turn.toFixed(2)})`}
      textAnchor="middle"
      fill="var(--color-ink)"
      stroke="var(--color-soil)"
      strokeWidth="3"
      paintOrder="stroke"
    >
      <text y={roomForNote ? -3 : 4} fontSize={LETTER} fontWeight="600">
        {bed.name.length <= letters ? bed.name : `${bed.name.slice(0, Math.max(1, letters - 1))}…`}
      </text>
      {roomForNote && (
        <text y="13" fontSize="11" className="figures">
          {note}
        </text>
      )}
    </g>
  );
}

/** The same line, turned so that it is read from below or from the right. */
function readable(turn: number): number {
  const half = ((turn % 180) + 180) % 180;
  return half > 90 ? half - 180 : half === 90 ? -90 : half;
}
