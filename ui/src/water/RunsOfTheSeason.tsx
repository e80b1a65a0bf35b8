import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";

/** Runs of pipe as they are laid; one that nothing feeds is broken. */
export function RunsOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, report } = useDesk();
  const courses = new Map(report?.water.runs.map(({ run, places }) => [run, places]));
  return (
    <g pointerEvents="none">
      {plan.waterRuns
        .filter(({ lifetime }) => isThere(lifetime, season))
        .map((run) => {
          const hand = moved.get(run.id);
          const places = hand?.kind === "PLACES" ? hand.places : (courses.get(run.id) ?? run.places);
          const marked = selected.has(run.id);
          return (
            <g key={run.id} data-run={run.name}>
              <path d={openPath(places, view)} fill="none" stroke="white" strokeWidth="5" />
              <path
                d={openPath(places, view)}
                fill="none"
                stroke={marked ? "var(--color-mark)" : "var(--color-water)"}
                strokeWidth={marked ? 4 : 3}
                strokeDasharray={courses.has(run.id) || hand ? undefined : "6 5"}
                strokeLinejoin="round"
              />
            </g>
          );
        })}
    </g>
  );
}
