import { toSheet } from "../sheet/view";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { useHoops } from "./hoops";

/** The bows of the season over their beds, seen from above; a bed that is moved leaves them behind for the moment. */
export function HoopsOnTheSheet({ view, moved }: DrawProps) {
  const { plan } = useDesk();
  const told = useHoops();
  const known = new Set(plan.hoops.map(({ id }) => id));
  return (
    <g pointerEvents="none" data-testid="hoops-on-the-sheet">
      {told
        .filter(({ set }) => known.has(set))
        .flatMap(({ set, over }) => over.map((bed) => ({ set, ...bed })))
        .filter(({ bed }) => !moved.has(bed))
        .flatMap(({ set, bed, feet }) =>
          feet.map(({ left, right }, index) => {
            const from = toSheet(view, left);
            const to = toSheet(view, right);
            return (
              <line
                key={`${set} ${bed} ${String(index)}`}
                data-bow
                x1={from.x}
                y1={from.y}
                x2={to.x}
                y2={to.y}
                stroke="var(--color-ink)"
                strokeWidth="1.8"
                strokeLinecap="round"
                strokeDasharray="1 3.2"
              />
            );
          }),
        )}
    </g>
  );
}
