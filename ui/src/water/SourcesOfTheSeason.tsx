import { FeatureShape } from "../ground/Features";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { asFeature } from "./water";

/** Taps and barrels. */
export function SourcesOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season } = useDesk();
  return (
    <g pointerEvents="none">
      {[...plan.taps, ...plan.barrels]
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((source) => {
          const hand = moved.get(source.id);
          const place = hand?.kind === "SPOT" ? hand.place : source.place;
          return (
            <FeatureShape
              key={source.id}
              feature={asFeature({ ...source, place })}
              view={view}
              marked={selected.has(source.id)}
            />
          );
        })}
    </g>
  );
}
