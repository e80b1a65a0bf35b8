import type { Point, Rectangle, Snag } from "../api/types";
import { useDesk } from "../workspace/desk";
import { boundsOf, corners } from "./geometry";
import { toSheet, type View } from "./view";

/** Room that a mark takes, pixels. */
const WIDE = 22;
const HIGH = 30;
/** With more snags than this only the worst, and those of selected beds, are marked: the drawing has to stay legible. */
const MOST_MARKS = 24;

/** The number of every snag at its place; serious ones filled. */
export function SnagMarks({ view }: { view: View }) {
  const { report, outlines, selection } = useDesk();
  const taken: Point[] = [];
  return (
    <g pointerEvents="none" aria-hidden="true">
      {(report?.snags ?? []).map((snag, index) => {
        const shown = index < MOST_MARKS || snag.beds.some((bed) => selection.has(bed));
        const place = shown ? markPlace(snag, outlines) : undefined;
        if (!place) return null;
        const { x, y } = besideOthers(toSheet(view, place), taken);
        const serious = snag.weight === "SERIOUS";
        return (
          <g key={index} transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
            <path
              d="M0 0L-7-12H-10V-28H10V-12H7Z"
              fill={serious ? "var(--color-snag)" : "white"}
              stroke="var(--color-snag)"
              strokeWidth="1.5"
            />
            <text
              y="-15.5"
              textAnchor="middle"
              fontSize="12"
              fontWeight="700"
              fill={serious ? "white" : "var(--color-snag)"}
            >
              {index + 1}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** A snag of one bed is marked at the bed's upper right corner, where its name and hatches stay free. */
function markPlace(snag: Snag, outlines: ReadonlyMap<string, Rectangle>): Point | undefined {
  const [bed] = snag.beds.length === 1 ? snag.beds : [];
  const outline = bed === undefined ? undefined : outlines.get(bed);
  if (!snag.place || !outline) return snag.place;
  const { right, top } = boundsOf(corners(outline));
  return { x: right, y: top };
}

/** Marks that would cover each other stand side by side. */
function besideOthers(wanted: Point, taken: Point[]): Point {
  const place = { ...wanted };
  while (taken.some((other) => Math.abs(other.x - place.x) < WIDE && Math.abs(other.y - place.y) < HIGH)) {
    place.x -= WIDE;
  }
  taken.push(place);
  return place;
}
