import type { Point } from "../api/types";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";

/** Room for the drawing and for what is written round it, pixels. */
const WIDE = 270;
const HIGH = 130;
const ROUND = { side: 76, top: 8, below: 22 };

interface Props {
  /** Its middle line from foot to foot; the middle of the span at x = 0. */
  bow: { side: readonly Point[]; span: number; rise: number };
  /** Of a foot in the soil or its sleeve, metres. */
  depth: number;
  /** What is seen, by its measures. */
  label: (rise: string, span: string) => string;
}

/** A bow seen from its end, to scale, with its measures. */
export function SideView({ bow: over, depth, label }: Props) {
  const { units } = useDesk();
  const scale = Math.min(
    (WIDE - 2 * ROUND.side) / over.span,
    (HIGH - ROUND.top - ROUND.below) / (over.rise + depth),
  );
  const ground = ROUND.top + over.rise * scale;
  const foot = ground + depth * scale;
  const x = (metres: number) => WIDE / 2 + metres * scale;
  const y = (metres: number) => ground - metres * scale;
  const half = over.span / 2;
  const line = over.side.map((place) => `${String(x(place.x))},${String(y(place.y))}`).join(" ");
  const rise = formatLength(over.rise, units);
  const span = formatLength(over.span, units);
  const measure = foot + 8;
  const aside = x(-half) - 10;
  return (
    <svg
      viewBox={`0 0 ${String(WIDE)} ${String(foot + ROUND.below)}`}
      className="w-full max-w-[270px]"
      role="img"
      aria-label={label(rise, span)}
      data-testid="side-view"
    >
      <line x1={8} x2={WIDE - 8} y1={ground} y2={ground} stroke="var(--color-soft)" strokeWidth="1" />
      {[-half, half].map((at) => (
        <line
          key={at}
          x1={x(at)}
          x2={x(at)}
          y1={ground}
          y2={foot}
          stroke="var(--color-ink)"
          strokeWidth="2"
          strokeDasharray="3 2"
        />
      ))}
      <polyline
        points={line}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="2.5"
        strokeLinejoin="round"
      />
      <g stroke="var(--color-soft)" strokeWidth="0.8">
        <line x1={aside} x2={aside} y1={y(over.rise)} y2={ground} />
        <line x1={aside - 3} x2={x(0)} y1={y(over.rise)} y2={y(over.rise)} strokeDasharray="2 2" />
        <line x1={x(-half)} x2={x(half)} y1={measure} y2={measure} />
        {[-half, half].map((at) => (
          <line key={at} x1={x(at)} x2={x(at)} y1={measure - 3} y2={measure + 3} />
        ))}
      </g>
      <g className="figures" fontSize="11" fill="var(--color-ink)">
        <text x={aside - 4} y={(y(over.rise) + ground) / 2 + 4} textAnchor="end">
          {rise}
        </text>
        <text x={x(0)} y={measure + 12} textAnchor="middle">
          {span}
        </text>
        {depth > 0 && (
          <text x={x(half) + 4} y={(ground + foot) / 2 + 4}>
            {formatLength(depth, units)}
          </text>
        )}
      </g>
    </svg>
  );
}
