import type { SketchLine } from "../workspace/desk";
import { boundsOf } from "./geometry";
import { closedPath, openPath } from "./path";
import { toSheet, type View } from "./view";

/** Narrower than this nothing is written, pixels. */
const ROOM_FOR_WORDS = 16;

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
            {line.label !== undefined && isRoomy(line, view) && (
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

/** Whether a label can be read within what the line goes round. */
function isRoomy({ points }: SketchLine, view: View): boolean {
  const { left, right, bottom, top } = boundsOf(points);
  return Math.min(right - left, top - bottom) * view.scale >= ROOM_FOR_WORDS;
}
