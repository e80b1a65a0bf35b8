import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { useDesk } from "../workspace/desk";
import { useTunnels } from "./tunnels";

/** The bows of the season's tunnels from above; a tunnel that is moved leaves them behind for the moment. */
export function BowsOnTheSheet({ view, moved }: DrawProps) {
  const { plan } = useDesk();
  const told = useTunnels();
  const known = new Set(plan.tunnels.map(({ id }) => id));
  return (
    <g pointerEvents="none" data-testid="tunnel-bows">
      {told
        .filter(({ tunnel }) => known.has(tunnel) && !moved.has(tunnel))
        .map(({ tunnel, feet }) => (
          <path
            key={tunnel}
            d={feet.map((pair) => openPath(pair, view)).join("")}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth="1.4"
            strokeLinecap="round"
            strokeDasharray="1 3.2"
          />
        ))}
    </g>
  );
}
