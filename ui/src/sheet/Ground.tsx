import type { Site, Units } from "../api/types";
import { piecesOf } from "./boundary";
import { boundsOf } from "./geometry";
import { closedPath } from "./path";
import { toSheet, type View } from "./view";

interface Props {
  site: Site;
  view: View;
  units: Units;
}

const FEET = 0.3048;
/** Grid lines closer than this would be a grey wash, pixels. */
const CLOSEST_LINES = 18;

/** The plot with a grid of whole metres or feet. */
export function Ground({ site, view, units }: Props) {
  const outline = piecesOf(site)
    .map((corners) => closedPath(corners, view))
    .join("");
  return (
    <g>
      <clipPath id="plot">
        <path d={outline} />
      </clipPath>
      <path d={outline} fill="var(--color-paper)" />
      <GridLines site={site} view={view} units={units} />
      <path
        d={outline}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="2.4"
        strokeLinejoin="miter"
        strokeDasharray={site.approximate ? "9 5" : undefined}
      />
    </g>
  );
}

function GridLines({ site, view, units }: Props) {
  const bounds = boundsOf(piecesOf(site).flat());
  let step = units === "METRIC" ? 1 : FEET;
  while (step * view.scale < CLOSEST_LINES) step *= 5;
  const lines: string[] = [];
  for (let x = bounds.left + step; x < bounds.right; x += step) {
    const a = toSheet(view, { x, y: bounds.bottom });
    const b = toSheet(view, { x, y: bounds.top });
    lines.push(`M${a.x.toFixed(1)} ${a.y.toFixed(1)}V${b.y.toFixed(1)}`);
  }
  for (let y = bounds.bottom + step; y < bounds.top; y += step) {
    const a = toSheet(view, { x: bounds.left, y });
    const b = toSheet(view, { x: bounds.right, y });
    lines.push(`M${a.x.toFixed(1)} ${a.y.toFixed(1)}H${b.x.toFixed(1)}`);
  }
  return (
    <path d={lines.join("")} stroke="var(--color-hair)" strokeWidth="1" clipPath="url(#plot)" fill="none" />
  );
}

/** North on the sheet. */
export function North({ north }: { north: number }) {
  return (
    <svg
      width="52"
      height="52"
      viewBox="-26 -26 52 52"
      role="img"
      aria-label={`North points ${north.toFixed(0)} degrees clockwise from up`}
    >
      <circle r="25" fill="var(--color-paper)" stroke="var(--color-rule)" />
      <g transform={`rotate(${String(north)})`}>
        <path d="M0-12L5 9L0 5L-5 9Z" fill="var(--color-ink)" />
        <text y="-14" textAnchor="middle" fontSize="9" fontWeight="700" fill="var(--color-ink)">
          N
        </text>
      </g>
    </svg>
  );
}
