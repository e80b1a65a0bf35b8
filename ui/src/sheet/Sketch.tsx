import type { SketchLine } from "../workspace/desk";
import { closedPath, openPath } from "./path";
import { toSheet, type View } from "./view";

/** Lines that a panel shows on the ground: terraces, a line that is levelled, edges that somebody can be at. */
export function Sketch({ lines, view }: { lines: readonly SketchLine[]; view: View }) {
  return (
    <g pointerEvents="none" data-testid="sketch">
      {lines.map((line, index) => {
        const middle = toSheet(view, {
          x: line.points.reduce((sum, p) => sum + p.x, 0) / line.points.length,
          y: line.points.reduce((sum, p) => sum + p.y, 0) / line.points.length,
        });
        return (
          <g key={index}>
            <path
              d={line.closed ? closedPath(line.points, view) : openPath(line.points, view)}
              fill="none"
              stroke="var(--color-mark)"
              strokeWidth={line.closed ? 1.6 : 5}
              strokeDasharray={line.closed ? "8 4" : undefined}
            />
            {line.label !== undefined && (
              <text
                x={middle.x}
                y={middle.y}
                textAnchor="middle"
                fontSize="12"
                fill="var(--color-ink)"
                stroke="white"
                strokeWidth="3"
                paintOrder="stroke"
                className="figures"
              >
                {line.label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
