import { memo } from "react";
import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { outlineOf } from "./sprays";
import { weakestOf, type BedWater } from "./water";

/** From so many pixels to the metre on each outlet is drawn. */
const OUTLETS_FROM = 45;
/** Half the width of a mark for an outlet, pixels. */
const OUTLET = 1.6;
/** Radius of the ring round the weakest outlet, pixels. */
const WEAKEST = 5;

/**
 * Dripline, drilled hose and sprinklers as they lie, and what these wet. In the step of water the outlet of each zone
 * that gets least is ringed.
 */
export function LinesInBeds({ view, moved }: DrawProps) {
  const { report, step } = useDesk();
  const zones = report?.water.zones ?? [];
  const weakest = new Set(step === "water" ? zones.map((zone) => weakestOf(zone).lines) : []);
  return (
    <g pointerEvents="none">
      {zones
        .flatMap((zone) => zone.beds)
        .filter(({ bed }) => !moved.has(bed))
        .map((bed) => (
          <LinesOfABed key={bed.lines} water={bed} view={view} ringed={weakest.has(bed.lines)} />
        ))}
    </g>
  );
}

interface LinesProps {
  water: BedWater;
  view: View;
  ringed: boolean;
}

const LinesOfABed = memo(function LinesOfABed({ water, view, ringed }: LinesProps) {
  const { drawn, stub, outlets, weakest, sprays } = water;
  const least = outlets[weakest];
  const ring = least && toSheet(view, least);
  return (
    <g data-lines={water.bed}>
      {sprays.length > 0 && (
        <path
          d={sprays.map((spray) => `${openPath(outlineOf(spray), view)}Z`).join("")}
          fill="var(--color-water)"
          fillOpacity="0.1"
          stroke="var(--color-water)"
          strokeOpacity="0.35"
          strokeWidth="0.8"
        />
      )}
      <path d={openPath(stub, view)} fill="none" stroke="var(--color-water)" strokeWidth="2" />
      <path
        d={drawn.map((line) => openPath(line, view)).join("")}
        fill="none"
        stroke="var(--color-water)"
        strokeWidth="1.2"
      />
      {view.scale >= OUTLETS_FROM && (
        <path
          d={outlets
            .map((outlet) => {
              const { x, y } = toSheet(view, outlet);
              return `M${(x - OUTLET).toFixed(1)} ${y.toFixed(1)}h${String(2 * OUTLET)}`;
            })
            .join("")}
          stroke="var(--color-water)"
          strokeWidth={2 * OUTLET}
        />
      )}
      {ringed && ring && (
        <circle
          cx={ring.x}
          cy={ring.y}
          r={WEAKEST}
          fill="none"
          stroke="var(--color-mark)"
          strokeWidth="1.4"
        />
      )}
    </g>
  );
});
