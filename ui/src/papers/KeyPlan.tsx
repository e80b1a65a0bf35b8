import { useMemo } from "react";
import { piecesOf } from "../sheet/boundary";
import { boundsOf } from "../sheet/geometry";
import { circlePath, closedPath, openPath } from "../sheet/path";
import { edgeOf, type Geometry, type Pieces, type Thing } from "../sheet/things";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";

/** Size of the plan, pixels. */
const SIZE = 248;
const MARGIN = 6;
const SPOT = 3;

interface Props {
  lit: readonly string[];
  /** On paper and on a phone as well. */
  always?: boolean;
}

/** The plot in small: what a line of the paper is about is filled. */
export function KeyPlan({ lit, always = false }: Props) {
  const { plan, things, season } = useDesk();
  const pieces = useMemo(() => piecesOf(plan.site), [plan.site]);
  const bounds = boundsOf(pieces.flat());
  const scale = (SIZE - 2 * MARGIN) / Math.max(bounds.right - bounds.left, bounds.top - bounds.bottom, 0.1);
  const view: View = { scale, x: MARGIN - bounds.left * scale, y: MARGIN + bounds.top * scale };
  const high = (bounds.top - bounds.bottom) * scale + 2 * MARGIN;
  const on = new Set(lit);
  const named = lit.flatMap((id) => things.get(id)?.name ?? []);
  return (
    <figure
      className={`w-66 shrink-0 p-2 ${always ? "" : "border-l border-rule max-lg:hidden print:hidden"}`}
    >
      <svg width={SIZE} height={high} role="img" aria-label={`The plot in ${String(season)}`}>
        <path
          d={pieces.map((piece) => closedPath(piece, view)).join("")}
          fill="white"
          stroke="var(--color-ink)"
        />
        {[...things.values()].map((thing) => {
          const { id, geometry } = thing;
          return (
            <path
              key={id}
              d={shapeOf(thing, view, pieces)}
              fill={isLine(geometry) ? "none" : on.has(id) ? "var(--color-mark)" : "var(--color-soil)"}
              stroke={on.has(id) ? "var(--color-mark)" : "var(--color-soft)"}
              strokeWidth={on.has(id) ? 2.5 : 0.7}
            />
          );
        })}
      </svg>
      <figcaption className="min-h-12 text-sm">
        {named.length > 0 ? (
          named.join(", ")
        ) : (
          <span className="text-soft">A line of the table shows here where it belongs.</span>
        )}
      </figcaption>
    </figure>
  );
}

function isLine(geometry: Geometry): boolean {
  return geometry.kind === "OPENING" || (geometry.kind === "PLACES" && !geometry.closed);
}

function shapeOf(thing: Thing, view: View, pieces: Pieces): string {
  const { geometry } = thing;
  if (geometry.kind === "SPOT") return circlePath(toSheet(view, geometry.place), SPOT);
  const places = edgeOf(thing, geometry, pieces);
  return isLine(geometry) ? openPath(places, view) : closedPath(places, view);
}
