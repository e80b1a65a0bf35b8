import type { Plan } from "../api/types";
import type { Preview } from "../edits/previews";
import { FeatureShape } from "../ground/Features";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { asFeature, manifoldAsFeature } from "./water";

/** Taps, barrels and manifolds; manifolds of an edit that is being tried too. */
export function SourcesOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, preview } = useDesk();
  const standing = [
    ...[...plan.taps, ...plan.barrels].map(asFeature),
    ...plan.manifolds.map(manifoldAsFeature),
    ...tried(plan, preview).map(manifoldAsFeature),
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

/** Manifolds that an edit would bring: of them it is known where their pipe ends. */
function tried({ manifolds }: Plan, preview: Preview | null) {
  const known = new Set(manifolds.map(({ id }) => id));
  return (preview?.appraisal.water.runs ?? [])
    .filter(({ run, toManifold }) => toManifold && !known.has(run))
    .flatMap(({ run, places }) =>
      places.slice(-1).map((place) => ({ id: run, name: "", place, height: 0, lifetime: {} })),
    );
}
