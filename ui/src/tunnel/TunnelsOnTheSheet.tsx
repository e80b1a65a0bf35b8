import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { sides } from "./tunnels";

/** The sides and ends of the season's tunnels, with the openings of their doors. */
export function TunnelsOnTheSheet({ view, moved, selected }: DrawProps) {
  const { plan, season } = useDesk();
  return (
    <g pointerEvents="none">
      {plan.tunnels
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((tunnel) => {
          const hand = moved.get(tunnel.id);
          const drawn = hand?.kind === "BOX" ? { ...tunnel, place: hand.outline } : tunnel;
          return (
            <path
              key={tunnel.id}
              data-testid="tunnel-drawn"
              d={sides(drawn)
                .map((places) => openPath(places, view))
                .join("")}
              fill="none"
              stroke={selected.has(tunnel.id) ? "var(--color-mark)" : "var(--color-ink)"}
              strokeWidth="3"
            />
          );
        })}
    </g>
  );
}
