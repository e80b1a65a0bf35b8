import { formatLength } from "../measure/lengths";
import { MeasuredView } from "../parts/MeasuredView";
import { useDesk } from "../workspace/desk";
import type { ShelfZone } from "./ShelfSection";
import { words } from "./words";

/** The wall stands at the left; hatched is where shelves may be, the widest of them in bold. */
export function ShelfView({ zone }: { zone: ShelfZone }) {
  const { units } = useDesk();
  const { reaches, best } = zone;
  const highest = Math.max(...reaches.map(({ height }) => height));
  const deepest = Math.max(...reaches.map(({ depth }) => depth));
  return (
    <MeasuredView
      width={deepest}
      height={highest}
      units={units}
      label={(depth, height) => words.shelfView(zone.side, depth, height)}
      testId="shelf-view"
    >
      {({ left, top, ground, scale }) => (
        <>
          <line x1={left} x2={left} y1={top} y2={ground} stroke="var(--color-ink)" strokeWidth="4" />
          {reaches.map(({ height, depth }) => (
            <line
              key={height}
              x1={left}
              x2={left + depth * scale}
              y1={ground - height * scale}
              y2={ground - height * scale}
              stroke="var(--color-ink)"
              strokeWidth={height === best.height ? 3 : 0.8}
            />
          ))}
          <text
            className="figures"
            fontSize="11"
            fill="var(--color-ink)"
            x={left - 5}
            y={ground - best.height * scale + 4}
            textAnchor="end"
          >
            {formatLength(best.height, units)}
          </text>
        </>
      )}
    </MeasuredView>
  );
}
