import type { Point, Units } from "../api/types";
import { formatLength } from "../measure/lengths";
import { Figure } from "./Figure";
import { boundsOf, corners } from "./geometry";
import type { Interaction } from "./interaction";
import { closedPath, openPath } from "./path";
import { cornersOf } from "./things";
import { toSheet, type Size, type View } from "./view";

interface Props {
  doing: Interaction;
  /** What is drawn is a line, and not the rectangle from where it begins to where it ends. */
  line: boolean;
  view: View;
  size: Size;
  units: Units;
}

/** What is only there while the pointer is down: a bed being drawn, guide lines, the marquee, sizes as they change. */
export function Transients({ doing, line, view, size, units }: Props) {
  switch (doing.kind) {
    case "move":
      return (
        <g stroke="var(--color-mark)" strokeWidth="1" strokeDasharray="6 4">
          {doing.guides.map(({ axis, at }, index) => {
            const place = toSheet(view, { x: at, y: at });
            return axis === "x" ? (
              <path key={index} d={`M${String(place.x)} 0V${String(size.height)}`} />
            ) : (
              <path key={index} d={`M0 ${String(place.y)}H${String(size.width)}`} />
            );
          })}
        </g>
      );
    case "draw":
      if (line || !doing.now) {
        return (
          <path d={openPath([doing.start, doing.end], view)} stroke="var(--color-mark)" strokeWidth="2" />
        );
      }
      return (
        <g>
          <path
            d={closedPath(corners(doing.now), view)}
            fill="var(--color-markpale)"
            fillOpacity="0.6"
            stroke="var(--color-mark)"
            strokeWidth="2"
          />
          <Figure
            view={view}
            at={doing.now.centre}
            text={`${formatLength(doing.now.length, units)} × ${formatLength(doing.now.width, units)}`}
          />
        </g>
      );
    case "corner":
      return (
        <Sides
          corners={cornersOf(doing.now)}
          closed={doing.now.kind !== "PLACES" || doing.now.closed}
          corner={doing.corner}
          view={view}
          units={units}
        />
      );
    case "turn":
      return (
        <Figure view={view} at={doing.now.outline.centre} text={`${doing.now.outline.turn.toFixed(1)}°`} />
      );
    case "widen":
      return <Figure view={view} at={doing.now.place} text={formatLength(doing.now.width, units)} />;
    case "marquee": {
      const { left, right, bottom, top } = boundsOf([doing.start, doing.end]);
      const area = [
        { x: left, y: bottom },
        { x: right, y: bottom },
        { x: right, y: top },
        { x: left, y: top },
      ];
      return (
        <path
          d={closedPath(area, view)}
          fill="var(--color-mark)"
          fillOpacity="0.08"
          stroke="var(--color-mark)"
          strokeDasharray="4 3"
        />
      );
    }
    default:
      return null;
  }
}

interface SidesProps {
  corners: readonly Point[];
  closed: boolean;
  corner: number;
  view: View;
  units: Units;
}

/** What is bent at a corner under the hand, with the two sides that meet there measured. */
function Sides({ corners, closed, corner, view, units }: SidesProps) {
  const middle = corners[corner];
  const before = closed || corner > 0 ? corners.at(corner - 1) : undefined;
  const after = closed ? corners[(corner + 1) % corners.length] : corners[corner + 1];
  const neighbours = [before, after];
  return (
    <g pointerEvents="none">
      <path
        d={(closed ? closedPath : openPath)(corners, view)}
        fill="none"
        stroke="var(--color-mark)"
        strokeWidth="2"
      />
      {neighbours.map(
        (other, index) =>
          middle &&
          other && (
            <Figure
              key={index}
              view={view}
              at={{ x: (middle.x + other.x) / 2, y: (middle.y + other.y) / 2 }}
              text={formatLength(Math.hypot(middle.x - other.x, middle.y - other.y), units)}
            />
          ),
      )}
    </g>
  );
}
