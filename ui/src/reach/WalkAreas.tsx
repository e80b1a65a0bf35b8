import { closedPath } from "../sheet/path";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { CarrierLayer } from "./CarrierLayer";

/** Areas of walk of the season with their surface, and in the step of the walks the ground that a carrier can use. */
export function WalksOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, step } = useDesk();
  return (
    <>
      <g pointerEvents="none" clipPath="url(#plot)">
        {plan.walks
          .filter(({ lifetime }) => isThere(lifetime, season))
          .map((walk) => {
            const hand = moved.get(walk.id);
            return (
              <path
                key={walk.id}
                data-walk={walk.name}
                d={closedPath(hand?.kind === "PLACES" ? hand.places : walk.corners, view)}
                fill={`url(#surface-${walk.surface})`}
                stroke={selected.has(walk.id) ? "var(--color-mark)" : "var(--color-soft)"}
                strokeWidth={selected.has(walk.id) ? 3 : walk.grade === "MAIN" ? 1.4 : 0.7}
                strokeDasharray="6 3"
              />
            );
          })}
      </g>
      {step === "reach" && <CarrierLayer view={view} />}
    </>
  );
}
