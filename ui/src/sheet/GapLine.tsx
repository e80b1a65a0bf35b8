import type { Gap } from "../api/types";
import { toSheet, type View } from "./view";

const TICK = 4;

/** A dimension line; its figure is a label of the sheet. */
export function GapLine({ gap, view }: { gap: Gap; view: View }) {
  const a = toSheet(view, gap.start);
  const b = toSheet(view, gap.end);
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  const ux = length > 0 ? (b.x - a.x) / length : 0;
  const uy = length > 0 ? (b.y - a.y) / length : 0;
  const tick = (p: { x: number; y: number }) =>
    `M${String(p.x - (ux - uy) * TICK)} ${String(p.y - (uy + ux) * TICK)}l${String((ux - uy) * 2 * TICK)} ${String((uy + ux) * 2 * TICK)}`;
  return (
    <path
      d={`M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}${tick(a)}${tick(b)}`}
      stroke="var(--color-soft)"
      strokeWidth="1"
      fill="none"
      pointerEvents="none"
    />
  );
}
