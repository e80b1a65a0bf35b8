import type { Point } from "../api/types";
import type { DrawProps } from "../sheet/layer";
import { corners } from "../sheet/geometry";
import { toSheet } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { useCovers } from "./covers";

/** Their edge is drawn so far within that of the bed, metres. */
const WITHIN = 0.04;

/** The covers of the season on their beds, seen from above: sections, and the low front in bold. */
export function CoversOnTheSheet({ view, moved }: DrawProps) {
  const { plan, outlines } = useDesk();
  const told = useCovers();
  const known = new Set(plan.bedCovers.map(({ id }) => id));
  const line = ([from, to]: readonly Point[], key: string, bold: boolean) => {
    if (!from || !to) return null;
    const start = toSheet(view, from);
    const end = toSheet(view, to);
    return (
      <line
        key={key}
        data-joint={!bold || undefined}
        data-front={bold || undefined}
        x1={start.x}
        y1={start.y}
        x2={end.x}
        y2={end.y}
        stroke="var(--color-ink)"
        strokeWidth={bold ? 3 : 1}
      />
    );
  };
  return (
    <g pointerEvents="none" data-testid="covers-on-the-sheet">
      {told
        .filter(({ cover }) => known.has(cover))
        .flatMap(({ cover, on }) => on.map((place) => ({ cover, ...place })))
        .filter(({ bed, misfit }) => !misfit && !moved.has(bed))
        .map(({ cover, bed, joints, front }) => {
          const outline = outlines.get(bed);
          if (!outline) return null;
          const edge = corners(outline, WITHIN).map((corner) => toSheet(view, corner));
          return (
            <g key={`${cover} ${bed}`}>
              <polygon
                points={edge.map(({ x, y }) => `${String(x)},${String(y)}`).join(" ")}
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth="1"
                strokeDasharray="6 2"
              />
              {joints.map((joint, index) => line(joint, String(index), false))}
              {line(front, "front", true)}
            </g>
          );
        })}
    </g>
  );
}
