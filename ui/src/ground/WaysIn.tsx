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
  const counterClockwise = isCounterClockwise(line ?? site.corners);
  // The plot lies to the left of its side on the ground if the corners go round counter-clockwise.
  const inward = (counterClockwise ? 1 : -1) * (way.swing === "OUTWARD" ? -1 : 1);
  const swings = way.swing === "INWARD" || way.swing === "OUTWARD";
  /** A leaf from its hinge at an end, -1 or 1, as far as a share of the opening, and its arc. */
  const leafPath = (hinge: number, share: number) => {
    const from = end(hinge);
    const length = wide * share;
    const open = { x: from.x - side.y * length * inward, y: from.y - side.x * length * inward };
    const closed = end(hinge * (1 - 2 * share));
    const sweep = hinge * inward < 0 ? "1" : "0";
    return `M${String(from.x)} ${String(from.y)}L${String(open.x)} ${String(open.y)}A${String(length)} ${String(length)} 0 0 ${sweep} ${String(closed.x)} ${String(closed.y)}`;
  };
  const leaves = leavesOf(way.leaf, counterClockwise);
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
      {swings &&
        leaves.map(({ hinge, share }) => (
          <path key={hinge} d={leafPath(hinge, share)} strokeWidth="1.2" strokeDasharray="4 3" />
        ))}
      {way.swing === "SLIDING" && (
        <path d={`M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}`} strokeWidth="2.4" />
      )}
    </g>
  );
});

/** Where the hinges of each leaf are, and how much of the opening it closes; a panel has none. */
function leavesOf(leaf: WayIn["leaf"], counterClockwise: boolean): { hinge: number; share: number }[] {
  switch (leaf?.kind) {
    case undefined:
      return [{ hinge: -1, share: 1 }];
    case "SINGLE":
      return [{ hinge: (leaf?.hinges === "LEFT") === counterClockwise ? 1 : -1, share: 1 }];
    case "DOUBLE":
      return [
        { hinge: -1, share: 0.5 },
        { hinge: 1, share: 0.5 },
      ];
    case "PANEL":
      return [];
  }
}

function isCounterClockwise(corners: readonly Point[]): boolean {
  const area = corners.reduce((sum, from, index) => {
    const to = corners[(index + 1) % corners.length] ?? from;
    return sum + from.x * to.y - to.x * from.y;
  }, 0);
  return area > 0;
}
