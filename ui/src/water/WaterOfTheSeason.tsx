import { memo } from "react";
import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import type { BedWater } from "./water";

/** From so many pixels to the metre on each outlet is drawn. */
const OUTLETS_FROM = 45;
/** Half the width of a mark for an outlet, pixels. */
const OUTLET = 1.6;
const WEAKEST = 5;

/** Pipes and the lines in beds, as they are laid; the outlet that gets least of a zone is ringed. */
export function WaterOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, report, step } = useDesk();
  const water = report?.water;
  const courses = new Map(water?.runs.map(({ run, places }) => [run, places]));
  const beds = water?.zones.flatMap((zone) => zone.beds) ?? [];
  return (
    <g pointerEvents="none">
      {beds
        .filter(({ bed }) => !moved.has(bed))
        .map((bed) => (
          <LinesOfABed key={bed.lines} water={bed} view={view} ringed={step === "water"} />
        ))}
      {plan.waterRuns
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((run) => {
          const hand = moved.get(run.id);
          const places = hand?.kind === "PLACES" ? hand.places : (courses.get(run.id) ?? run.places);
          const marked = selected.has(run.id);
          return (
            <g key={run.id} data-run={run.name}>
              <path d={openPath(places, view)} fill="none" stroke="white" strokeWidth="5" />
              <path
                d={openPath(places, view)}
                fill="none"
                stroke={marked ? "var(--color-mark)" : "var(--color-water)"}
                strokeWidth={marked ? 4 : 3}
                strokeDasharray={courses.has(run.id) || hand ? undefined : "6 5"}
                strokeLinejoin="round"
              />
            </g>
          );
        })}
    </g>
  );
}

interface LinesProps {
  water: BedWater;
  view: View;
  ringed: boolean;
}

const LinesOfABed = memo(function LinesOfABed({ water, view, ringed }: LinesProps) {
  const { drawn, stub, outlets, weakest } = water;
  const least = outlets[weakest];
  const ring = least && toSheet(view, least);
  return (
    <g data-lines={water.bed}>
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
