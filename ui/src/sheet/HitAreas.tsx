import { memo, type KeyboardEvent, type PointerEvent } from "react";
import { bandPath, circlePath, closedPath } from "./path";
import { edgeOf, type Geometries, type Geometry, type Pieces, type Thing } from "./things";
import { toSheet, type View } from "./view";

interface Handlers {
  onPointerDown: (thing: string, event: PointerEvent) => void;
  onKeyDown: (event: KeyboardEvent) => void;
  onFocus: (thing: string) => void;
  onHover: (thing: string | null) => void;
}

interface Props extends Handlers {
  /** In the order in which Tab goes through them. */
  things: readonly Thing[];
  moved: Geometries;
  labelOf: (thing: Thing) => string;
  selected: ReadonlySet<string>;
  /** The one that Tab comes to from outside. */
  entry: string | undefined;
  pieces: Pieces;
  view: View;
}

/** Nobody hits a thinner line or a smaller spot, pixels. */
const WIDE = 16;
const SPOT = 11;

/** Where the pointer and Tab find the things of the sheet; what other things stand on lies below them. */
export function HitAreas({ things, moved, labelOf, selected, entry, pieces, view, ...handlers }: Props) {
  const below = [...things].sort((a, b) => Number(b.under) - Number(a.under));
  return (
    <g>
      {below.map((thing) => (
        <HitArea
          key={thing.id}
          thing={thing}
          geometry={moved.get(thing.id) ?? thing.geometry}
          label={labelOf(thing)}
          selected={selected.has(thing.id)}
          entry={thing.id === entry}
          pieces={pieces}
          view={view}
          {...handlers}
        />
      ))}
    </g>
  );
}

interface AreaProps extends Handlers {
  thing: Thing;
  geometry: Geometry;
  label: string;
  selected: boolean;
  entry: boolean;
  pieces: Pieces;
  view: View;
}

const HitArea = memo(function HitArea(props: AreaProps) {
  const { thing, geometry, label, selected, entry, pieces, view } = props;
  return (
    <g
      role="button"
      tabIndex={entry ? 0 : -1}
      id={`thing-${thing.id}`}
      data-thing={thing.name}
      data-bed={thing.kind === "bed" ? thing.name : undefined}
      data-under={thing.under && !selected ? true : undefined}
      aria-label={label}
      aria-pressed={selected}
      className={`group outline-none ${thing.under && !selected ? "cursor-default" : "cursor-move"}`}
      onPointerDown={(event) => {
        props.onPointerDown(thing.id, event);
      }}
      onPointerEnter={() => {
        props.onHover(thing.id);
      }}
      onPointerLeave={() => {
        props.onHover(null);
      }}
      onKeyDown={props.onKeyDown}
      onFocus={() => {
        props.onFocus(thing.id);
      }}
    >
      <path
        d={hitPath(thing, geometry, view, pieces)}
        fill="transparent"
        stroke="transparent"
        className="group-focus-visible:stroke-mark group-focus-visible:[stroke-width:4px]"
      />
    </g>
  );
});

function hitPath(thing: Thing, geometry: Geometry, view: View, pieces: Pieces): string {
  if (geometry.kind === "SPOT") {
    return circlePath(toSheet(view, geometry.place), Math.max(SPOT, geometry.radius * view.scale));
  }
  const places = edgeOf(thing, geometry, pieces);
  const area = geometry.kind === "BOX" || (geometry.kind === "PLACES" && geometry.closed);
  return area ? closedPath(places, view) : bandPath(places, view, WIDE);
}
