import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import type { Trellis, TrellisTold } from "./trellises";
import { words } from "./words";

/** Room for the drawing and for what is written round it, pixels. */
const WIDE = 300;
const HIGH = 150;
const ROUND = { side: 52, top: 10, below: 24 };
/** Lines of net are drawn so far apart, pixels. */
const MESH = 7;

/** A trellis seen square to its line, unrolled and to scale, with its measures and what stands in the ground. */
export function Elevation({ trellis, told }: { trellis: Trellis; told: TrellisTold }) {
  const { units } = useDesk();
  const depth = told.posts?.depth ?? 0.3;
  const scale = Math.min(
    (WIDE - 2 * ROUND.side) / told.length,
    (HIGH - ROUND.top - ROUND.below) / (trellis.height + depth),
  );
  const left = (WIDE - told.length * scale) / 2;
  const top = ROUND.top;
  const ground = top + trellis.height * scale;
  const foot = ground + depth * scale;
  const right = left + told.length * scale;
  const marks = told.marks.map((mark) => left + mark * scale);
  const height = formatLength(trellis.height, units);
  const length = formatLength(told.length, units);
  const measure = foot + 8;
  return (
    <svg
      viewBox={`0 0 ${String(WIDE)} ${String(foot + ROUND.below)}`}
      className="w-full max-w-[300px]"
      role="img"
      aria-label={words.elevation(trellis.name, length, height)}
      data-testid="elevation"
    >
      <line x1={8} x2={WIDE - 8} y1={ground} y2={ground} stroke="var(--color-soft)" strokeWidth="1" />
      <Infill trellis={trellis} told={told} box={{ left, right, top, ground, scale }} />
      {trellis.kind === "TEEPEE"
        ? marks.map((x) => (
            <path
              key={x}
              d={cone(x, (trellis.base / 2) * scale, top, ground)}
              fill="none"
              stroke="var(--color-ink)"
              strokeWidth="1.4"
            />
          ))
        : marks.map((x) => (
            <g key={x} stroke="var(--color-ink)" strokeWidth={trellis.kind === "STAKES" ? 2.5 : 3}>
              <line x1={x} x2={x} y1={top} y2={ground} />
              <line x1={x} x2={x} y1={ground} y2={foot} strokeWidth="2" strokeDasharray="3 2" />
            </g>
          ))}
      <g stroke="var(--color-soft)" strokeWidth="0.8">
        <line x1={left - 10} x2={left - 10} y1={top} y2={ground} />
        {[top, ground].map((y) => (
          <line key={y} x1={left - 13} x2={left - 7} y1={y} y2={y} />
        ))}
        <line x1={left} x2={right} y1={measure} y2={measure} />
        {[left, right].map((x) => (
          <line key={x} x1={x} x2={x} y1={measure - 3} y2={measure + 3} />
        ))}
      </g>
      <g className="figures" fontSize="11" fill="var(--color-ink)">
        <text x={left - 14} y={(top + ground) / 2 + 4} textAnchor="end">
          {height}
        </text>
        <text x={WIDE / 2} y={measure + 13} textAnchor="middle">
          {length}
        </text>
        {told.posts && (
          <text x={right + 6} y={(ground + foot) / 2 + 4}>
            {formatLength(depth, units)}
          </text>
        )}
      </g>
    </svg>
  );
}

interface Box {
  left: number;
  right: number;
  top: number;
  ground: number;
  scale: number;
}

/** What plants climb on. */
function Infill({ trellis, told, box }: { trellis: Trellis; told: TrellisTold; box: Box }) {
  const { left, right, top, ground, scale } = box;
  const bottom = Math.min(ground, top + (told.covered / told.length) * scale);
  const levels = {
    NETTING: steps(top, ground, MESH),
    PANEL: steps(top, bottom, MESH),
    A_FRAME: steps(top, ground, MESH),
    WIRES: Array.from({ length: told.rows }, (_, i) => top + (i * (ground - top)) / told.rows),
    STAKES: [],
    TEEPEE: [],
  }[trellis.kind];
  const upright = { NETTING: ground, PANEL: bottom, A_FRAME: ground, WIRES: top, STAKES: top, TEEPEE: top }[
    trellis.kind
  ];
  return (
    <g stroke="var(--color-soft)" strokeWidth="0.6">
      {levels.map((y) => (
        <line key={y} x1={left} x2={right} y1={y} y2={y} />
      ))}
      {upright > top &&
        steps(left, right, MESH).map((x) => <line key={x} x1={x} x2={x} y1={top} y2={upright} />)}
    </g>
  );
}

function steps(from: number, to: number, apart: number): number[] {
  return Array.from({ length: Math.max(1, Math.floor((to - from) / apart)) + 1 }, (_, i) => from + i * apart);
}

/** Four canes that meet at the top. */
function cone(x: number, half: number, top: number, ground: number): string {
  return [-1, -0.35, 0.35, 1]
    .map((side) => `M${String(x + side * half)} ${String(ground)}L${String(x)} ${String(top)}`)
    .join("");
}
