import { FeatureShape } from "../ground/Features";
import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { asFeature, walls } from "./bays";

/** Compost bays with the walls between them. */
export function CompostLayer({ view, moved, selected }: DrawProps) {
  const desk = useDesk();
  return (
    <g pointerEvents="none">
      {desk.plan.compost
        .filter(({ lifetime }) => isThere(lifetime, desk.season))
        .map((bays) => {
          const hand = moved.get(bays.id);
          const drawn = hand?.kind === "BOX" ? { ...bays, place: hand.outline } : bays;
          return (
            <g key={bays.id}>
              <FeatureShape feature={asFeature(drawn)} view={view} marked={selected.has(bays.id)} />
              {walls(drawn).map((wall, index) => (
                <path key={index} d={openPath(wall, view)} stroke="var(--color-ink)" strokeWidth="1.4" />
              ))}
            </g>
          );
        })}
    </g>
  );
}
