import { FeatureShape } from "../ground/Features";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { asFeature, manifoldAsFeature } from "./water";

/** Taps, barrels and manifolds. */
export function SourcesOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season } = useDesk();
  const standing = [
    ...[...plan.taps, ...plan.barrels].map(asFeature),
    ...plan.manifolds.map(manifoldAsFeature),
  ];
  return (
    <g pointerEvents="none">
      {standing
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((feature) => {
          const hand = moved.get(feature.id);
          return (
            <FeatureShape
              key={feature.id}
              feature={hand?.kind === "SPOT" ? { ...feature, places: [hand.place] } : feature}
              view={view}
              marked={selected.has(feature.id)}
            />
          );
        })}
    </g>
  );
}
