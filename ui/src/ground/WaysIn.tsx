import { memo } from "react";
import type { Point, Site, WayIn } from "../api/types";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { piecesOf, sideAt, thereAndBack } from "../sheet/boundary";
import { toSheet, type View } from "../sheet/view";
import { lineOf } from "./gateLine";

/** Gates and openings of the season in the edge of the plot, with the leaf of a gate as it swings. */
export function WaysInOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season } = useDesk();
  return (
    <g pointerEvents="none">
      {plan.waysIn
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((way) => {
          const hand = moved.get(way.id);
          const drawn = hand?.kind === "OPENING" ? { ...way, place: hand.place, width: hand.width } : way;
          return (
            <Gate
              key={way.id}
              way={drawn}
              site={plan.site}
              line={lineOf(way, plan)}
              view={view}
              marked={selected.has(way.id)}
            />
          );
        })}
    </g>
  );
}

interface GateProps {
  way: WayIn;
  site: Site;
  /** The fence that it is in; without one it is in the edge of the plot. */
  line: readonly Point[] | undefined;
  view: View;
  marked: boolean;
}

const Gate = memo(function Gate({ way, site, line, view, marked }: GateProps) {
  const side = sideAt(line ? [thereAndBack(line)] : piecesOf(site), way.place);
  const half = way.width / 2;
  const ink = marked ? "var(--color-mark)" : "var(--color-ink)";
  const end = (sign: number) =>
    toSheet(view, { x: way.place.x + side.x * half * sign, y: way.place.y + side.y * half * sign });
  const a = end(-1);
  const b = end(1);
  const wide = way.width * view.scale;
  // The plot lies to the left of its side on the ground if the corners go round counter-clockwise.
  const inward = (isCounterClockwise(line ?? site.corners) ? 1 : -1) * (way.swing === "OUTWARD" ? -1 : 1);
  const leaf = { x: a.x - side.y * wide * inward, y: a.y - side.x * wide * inward };
  const swings = way.swing === "INWARD" || way.swing === "OUTWARD";
  return (
    <g data-way-in={way.name} stroke={ink} fill="none">
      <path
        d={`M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}`}
        stroke="var(--color-paper)"
        strokeWidth="6"
      />
      {[a, b].map((post, index) => (
        <rect key={index} x={post.x - 3.5} y={post.y - 3.5} width="7" height="7" fill={ink} stroke="none" />
      ))}
      {swings && (
        <path
          d={`M${String(a.x)} ${String(a.y)}L${String(leaf.x)} ${String(leaf.y)}A${String(wide)} ${String(wide)} 0 0 ${inward > 0 ? "1" : "0"} ${String(b.x)} ${String(b.y)}`}
          strokeWidth="1.2"
          strokeDasharray="4 3"
        />
      )}
      {way.swing === "SLIDING" && (
        <path d={`M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}`} strokeWidth="2.4" />
      )}
    </g>
  );
});

function isCounterClockwise(corners: readonly Point[]): boolean {
  const area = corners.reduce((sum, from, index) => {
    const to = corners[(index + 1) % corners.length] ?? from;
    return sum + from.x * to.y - to.x * from.y;
  }, 0);
  return area > 0;
}
