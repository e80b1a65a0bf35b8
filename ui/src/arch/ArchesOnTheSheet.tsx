import type { DrawProps } from "../sheet/layer";
import { closedPath, openPath } from "../sheet/path";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { corners } from "./arches";

/** Arches from above: the panel in dashes, its feet in full. */
export function ArchesOnTheSheet({ view, moved, selected }: DrawProps) {
  const desk = useDesk();
  return (
    <g pointerEvents="none">
      {desk.plan.arches
        .filter(({ lifetime }) => isThere(lifetime, desk.season))
        .map((arch) => {
          const hand = moved.get(arch.id);
          const [from = arch.from, to = arch.to] = hand?.kind === "PLACES" ? hand.places : [];
          const [a, b, c, d] = corners({ from, to, width: arch.width });
          if (!a || !b || !c || !d) return null;
          const colour = selected.has(arch.id) ? "var(--color-mark)" : "var(--color-ink)";
          return (
            <g key={arch.id} data-testid="arch-drawn" fill="none" stroke={colour}>
              <path d={closedPath([a, b, c, d], view)} strokeWidth="1" strokeDasharray="5 3" />
              <path d={openPath([a, d], view)} strokeWidth="2.5" />
              <path d={openPath([b, c], view)} strokeWidth="2.5" />
            </g>
          );
        })}
    </g>
  );
}
