import type { DrawProps } from "../sheet/layer";
import { toSheet } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { usePlantings } from "./plantings";

/** A plant is drawn no smaller, pixels. */
const SMALLEST = 1;

/** In the step of the crops: every plant, true to scale at its spread on the day that is shown. */
export function CropsOnTheSheet({ view, moved }: DrawProps) {
  const { plan, step } = useDesk();
  const told = usePlantings();
  if (step !== "crops") return null;
  const known = new Map(plan.plantings.map((planting) => [planting.id, planting]));
  return (
    <g pointerEvents="none" data-testid="crops-on-the-sheet">
      {told.map(({ planting: id, places, spread }) => {
        const planting = known.get(id);
        if (!planting || spread === undefined || moved.has(planting.bed)) return null;
        const radius = Math.max(SMALLEST, (spread / 2) * view.scale);
        return (
          <g key={id} data-planting={planting.name}>
            {places.map((place, index) => {
              const { x, y } = toSheet(view, place);
              return (
                <circle
                  key={index}
                  cx={x}
                  cy={y}
                  r={radius}
                  fill="var(--color-leaf)"
                  fillOpacity="0.45"
                  stroke="var(--color-leaf)"
                  strokeWidth="0.6"
                />
              );
            })}
          </g>
        );
      })}
    </g>
  );
}
