import { openPath } from "../sheet/path";
import type { View } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { walls } from "./bays";

/** The walls between compost bays. */
export function CompostLayer({ view }: { view: View }) {
  const desk = useDesk();
  return (
    <g pointerEvents="none">
      {desk.plan.compost
        .filter(({ lifetime }) => isThere(lifetime, desk.season))
        .flatMap((bays) =>
          walls(bays).map((wall, index) => (
            <path
              key={`${bays.id} ${String(index)}`}
              d={openPath(wall, view)}
              stroke="var(--color-ink)"
              strokeWidth="1.4"
            />
          )),
        )}
    </g>
  );
}
