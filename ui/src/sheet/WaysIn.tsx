import type { Site, Units, WayIn } from "../api/types";
import { formatDimension } from "../measure/lengths";
import { piecesOf, sideAt } from "./boundary";
import { toSheet, type View } from "./view";

interface Props {
  waysIn: readonly WayIn[];
  site: Site;
  view: View;
  units: Units;
}

/** Gates and openings in the edge of the plot, with the leaf of a gate as it swings. */
export function WaysIn({ waysIn, site, view, units }: Props) {
  return (
    <g pointerEvents="none">
      {waysIn.map((way) => (
        <Gate key={way.id} way={way} site={site} view={view} units={units} />
      ))}
    </g>
  );
}

function Gate({ way, site, view, units }: Omit<Props, "waysIn"> & { way: WayIn }) {
  const side = sideAt(piecesOf(site), way.place);
  const half = way.width / 2;
  const end = (sign: number) =>
    toSheet(view, { x: way.place.x + side.x * half * sign, y: way.place.y + side.y * half * sign });
  const a = end(-1);
  const b = end(1);
  const middle = toSheet(view, way.place);
  const wide = way.width * view.scale;
  // The plot lies to the left of its side on the ground if the corners go round counter-clockwise.
  const inward = (inside(site) ? 1 : -1) * (way.swing === "OUTWARD" ? -1 : 1);
  const leaf = { x: a.x - side.y * wide * inward, y: a.y - side.x * wide * inward };
  const swings = way.swing === "INWARD" || way.swing === "OUTWARD";
  return (
    <g data-way-in={way.name} stroke="var(--color-ink)" fill="none">
      <path
        d={`M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}`}
        stroke="var(--color-paper)"
        strokeWidth="6"
      />
      {[a, b].map((post, index) => (
        <rect key={index} x={post.x - 3.5} y={post.y - 3.5} width="7" height="7" fill="var(--color-ink)" />
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
      <text
        x={middle.x + side.y * 26 * inward}
        y={middle.y + side.x * 26 * inward + 4}
        textAnchor={Math.abs(side.y) > 0.7 ? (side.y * inward > 0 ? "start" : "end") : "middle"}
        fontSize="11.5"
        fill="var(--color-ink)"
        stroke="var(--color-film)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {way.name} {formatDimension(way.width, units)}
      </text>
    </g>
  );
}

function inside(site: Site): boolean {
  const { corners } = site;
  const area = corners.reduce((sum, from, index) => {
    const to = corners[(index + 1) % corners.length] ?? from;
    return sum + from.x * to.y - to.x * from.y;
  }, 0);
  return area > 0;
}
