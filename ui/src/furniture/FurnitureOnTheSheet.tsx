import { FeatureShape } from "../ground/Features";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { asFeature } from "./furniture";

/** The furniture of the season, seen from above. */
export function FurnitureOnTheSheet({ view, moved, selected }: DrawProps) {
  const { plan, season } = useDesk();
  return (
    <g pointerEvents="none">
      {plan.furniture
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((thing) => {
          const hand = moved.get(thing.id);
          return (
            <FeatureShape
              key={thing.id}
              feature={asFeature(hand?.kind === "BOX" ? { ...thing, place: hand.outline } : thing)}
              view={view}
              marked={selected.has(thing.id)}
            />
          );
        })}
    </g>
  );
}
