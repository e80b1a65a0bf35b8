import type { Walk } from "../api/types";
import { closedPath } from "./path";
import type { View } from "./view";

/** Areas of walk with their surface, under everything that stands on the plot. */
export function WalkAreas({ walks, view }: { walks: readonly Walk[]; view: View }) {
  return (
    <g pointerEvents="none" clipPath="url(#plot)">
      {walks.map((walk) => (
        <path
          key={walk.id}
          data-walk={walk.name}
          d={closedPath(walk.corners, view)}
          fill={`url(#surface-${walk.surface})`}
          stroke="var(--color-soft)"
          strokeWidth={walk.grade === "MAIN" ? 1.4 : 0.7}
          strokeDasharray="6 3"
        />
      ))}
    </g>
  );
}
