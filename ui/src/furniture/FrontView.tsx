import { MeasuredView, type Box } from "../parts/MeasuredView";
import { useDesk } from "../workspace/desk";
import type { Furniture } from "./furniture";
import { words } from "./words";

/** Legs are drawn so wide, tops and shelves so thick, metres; the shelf lies at that share of the height. */
const LEG = 0.08;
const TOP = 0.1;
const SHELF = 0.03;
const SHELF_AT = 0.3;

/** Furniture seen from its longer side, to scale. */
export function FrontView({ thing }: { thing: Furniture }) {
  const { units } = useDesk();
  const framed = thing.kind !== "OWN" && thing.kind !== "LEAF_BIN";
  return (
    <MeasuredView
      width={Math.max(thing.place.length, thing.place.width)}
      height={thing.height}
      units={units}
      label={(length, height) => words.view(thing.name, length, height)}
      testId="front-view"
    >
      {(box) => (
        <>
          <rect
            x={box.left}
            y={box.top}
            width={box.right - box.left}
            height={box.ground - box.top}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={framed ? 1 : 2}
            strokeDasharray={thing.kind === "LEAF_BIN" ? "2 3" : undefined}
          />
          {framed && <Frame box={box} shelf={thing.kind === "POTTING_BENCH"} />}
        </>
      )}
    </MeasuredView>
  );
}

/** Legs, top and shelf. */
function Frame({ box, shelf }: { box: Box; shelf: boolean }) {
  const { left, right, top, ground, scale } = box;
  return (
    <g stroke="var(--color-ink)" strokeWidth="1" fill="var(--color-timber)">
      <rect x={left} y={top} width={LEG * scale} height={ground - top} />
      <rect x={right - LEG * scale} y={top} width={LEG * scale} height={ground - top} />
      <rect x={left} y={top} width={right - left} height={TOP * scale} />
      {shelf && (
        <rect x={left} y={ground - (ground - top) * SHELF_AT} width={right - left} height={SHELF * scale} />
      )}
    </g>
  );
}
