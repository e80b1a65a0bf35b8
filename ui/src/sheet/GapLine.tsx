import type { Gap, Units } from "../api/types";
import { formatDimension, formatLength } from "../measure/lengths";
import { toSheet, type View } from "./view";

interface Props {
  gap: Gap;
  view: View;
  units: Units;
  from: string;
  to: string;
  onEdit: () => void;
}

const TICK = 4;

/** A dimension line with its figure, which can be clicked to type another. */
export function GapLine({ gap, view, units, from, to, onEdit }: Props) {
  const a = toSheet(view, gap.start);
  const b = toSheet(view, gap.end);
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const text = formatDimension(gap.distance, units);
  const width = text.length * 6.6 + 6;
  const upright = Math.abs(b.y - a.y) > Math.abs(b.x - a.x);
  const beside = upright || width > length;
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  const label = beside
    ? { x: middle.x + (upright ? width / 2 + 4 : 0), y: middle.y + (upright ? 0 : -11) }
    : middle;
  const ux = length > 0 ? (b.x - a.x) / length : 0;
  const uy = length > 0 ? (b.y - a.y) / length : 0;
  const tick = (p: { x: number; y: number }) =>
    `M${String(p.x - (ux - uy) * TICK)} ${String(p.y - (uy + ux) * TICK)}l${String((ux - uy) * 2 * TICK)} ${String((uy + ux) * 2 * TICK)}`;
  return (
    <g
      role="button"
      tabIndex={-1}
      aria-label={`${formatLength(gap.distance, units)} from ${from} to ${to}: change`}
      className="group cursor-pointer"
      onClick={onEdit}
      onPointerDown={(event) => {
        event.stopPropagation();
      }}
    >
      <path
        d={`M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}${tick(a)}${tick(b)}`}
        stroke="var(--color-soft)"
        strokeWidth="1"
        fill="none"
      />
      <rect
        x={label.x - width / 2}
        y={label.y - 8}
        width={width}
        height="16"
        fill="var(--color-paper)"
        fillOpacity="0.88"
        className="group-hover:fill-[var(--color-markpale)]"
      />
      <text
        x={label.x}
        y={label.y + 4}
        textAnchor="middle"
        fontSize="11.5"
        className="figures"
        fill="var(--color-ink)"
      >
        {text}
      </text>
    </g>
  );
}
