import { formatLength } from "../measure/lengths";
import { MeasuredView, type Box } from "../parts/MeasuredView";
import { useDesk } from "../workspace/desk";
import type { BedCover } from "./covers";
import { words } from "./words";

/** A cover seen from its end, to scale; of a cold frame the front is at the left. */
export function EndView({ cover }: { cover: BedCover }) {
  const { units } = useDesk();
  return (
    <MeasuredView
      width={cover.width}
      height={cover.high}
      units={units}
      label={(width, height) => words.view(cover.name, width, height)}
      testId="end-view"
    >
      {(box) => (
        <>
          <polyline
            points={shapeOf(cover, box)
              .map((corner) => corner.join(","))
              .join(" ")}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth="2.5"
            strokeLinejoin="round"
            strokeDasharray={cover.kind === "NET_CAGE" ? "5 2" : undefined}
          />
          {cover.kind === "COLD_FRAME" && (
            <text
              className="figures"
              fontSize="11"
              fill="var(--color-ink)"
              x={box.left - 5}
              y={box.ground - (cover.low * box.scale) / 2 + 4}
              textAnchor="end"
            >
              {formatLength(cover.low, units)}
            </text>
          )}
        </>
      )}
    </MeasuredView>
  );
}

function shapeOf(cover: BedCover, { left, right, top, ground, scale }: Box): [number, number][] {
  switch (cover.kind) {
    case "COLD_FRAME":
      return [
        [left, ground],
        [left, ground - cover.low * scale],
        [right, top],
        [right, ground],
      ];
    case "CLOCHE":
      return [
        [left, ground],
        [(left + right) / 2, top],
        [right, ground],
      ];
    case "NET_CAGE":
      return [
        [left, ground],
        [left, top],
        [right, top],
        [right, ground],
      ];
  }
}
