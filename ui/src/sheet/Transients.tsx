import type { Units } from "../api/types";
import { formatLength } from "../measure/lengths";
import { boundsOf, corners } from "./geometry";
import type { Interaction } from "./interaction";
import { closedPath, openPath } from "./path";
import { toSheet, type Size, type View } from "./view";

interface Props {
  doing: Interaction;
  view: View;
  size: Size;
  units: Units;
}

/** What is only there while the pointer is down: a bed being drawn, guide lines, the marquee, sizes as they change. */
export function Transients({ doing, view, size, units }: Props) {
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
      if (!doing.now) {
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
    case "turn":
      return <Figure view={view} at={doing.now.centre} text={`${doing.now.turn.toFixed(1)}°`} />;
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

function Figure({ view, at, text }: { view: View; at: { x: number; y: number }; text: string }) {
  const place = toSheet(view, at);
  const width = text.length * 7.4 + 10;
  return (
    <g pointerEvents="none">
      <rect x={place.x - width / 2} y={place.y - 11} width={width} height="22" fill="var(--color-mark)" />
      <text x={place.x} y={place.y + 5} textAnchor="middle" fontSize="13" fill="white" className="figures">
        {text}
      </text>
    </g>
  );
}
