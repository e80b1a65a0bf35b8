import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";

/** Runs of pipe as they are laid, those of an edit that is being tried too; one that nothing feeds is broken. */
export function RunsOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, report, preview } = useDesk();
  const laid = report?.water.runs ?? [];
  const fed = new Set(laid.map(({ run }) => run));
  const unfed = plan.waterRuns.filter(
    ({ id, lifetime }) => preview === null && !fed.has(id) && isThere(lifetime, season),
  );
  const drawn = [
    ...laid.map(({ run, places }) => ({ id: run, places, dashes: undefined })),
    ...unfed.map(({ id, places }) => ({ id, places, dashes: "6 5" })),
  ];
  return (
    <g pointerEvents="none">
      {drawn.map(({ id, places, dashes }) => {
        const hand = moved.get(id);
        const path = openPath(hand?.kind === "PLACES" ? hand.places : places, view);
        const marked = selected.has(id);
        return (
          <g key={id} data-run={id}>
            <path d={path} fill="none" stroke="white" strokeWidth="5" />
            <path
              d={path}
              fill="none"
              stroke={marked ? "var(--color-mark)" : "var(--color-water)"}
              strokeWidth={marked ? 4 : 3}
              strokeDasharray={dashes}
              strokeLinejoin="round"
            />
          </g>
        );
      })}
    </g>
  );
}
