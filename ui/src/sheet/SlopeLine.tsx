import { Problem } from "../api/client";
import { useFall } from "../api/queries";
import { fallFigures } from "../words";
import { useDesk } from "../workspace/desk";
import { Figure } from "./Figure";
import { openPath } from "./path";
import type { View } from "./view";

const nowhere = { x: 0, y: 0 };

/** The line along which the slope of the ground was asked for, with an arrow's head at its end and what it falls. */
export function SlopeLine({ view }: { view: View }) {
  const desk = useDesk();
  const { from, to } = desk.slopeLine ?? { from: nowhere, to: nowhere };
  const { data, error } = useFall(desk.plan.id, desk.garden.revision, from, to, desk.slopeLine !== null);
  if (!desk.slopeLine) return null;
  return (
    <g pointerEvents="none" data-testid="slope-line">
      <defs>
        <marker
          id="line-end"
          viewBox="0 0 10 10"
          refX="9"
          refY="5"
          markerWidth="9"
          markerHeight="9"
          orient="auto"
        >
          <path d="M0 0L10 5L0 10Z" fill="var(--color-mark)" />
        </marker>
      </defs>
      <path
        d={openPath([from, to], view)}
        fill="none"
        stroke="var(--color-mark)"
        strokeWidth="2"
        markerEnd="url(#line-end)"
      />
      {data && !(error instanceof Problem) && (
        <Figure
          view={view}
          at={{ x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }}
          text={fallFigures(data, desk.units)}
        />
      )}
    </g>
  );
}
