import { layers } from "../capabilities";
import { useDesk, type Desk } from "../workspace/desk";
import { closedPath, circlePath, openPath } from "./path";
import { isSameGeometry, placesOf, type Geometry, type Pieces } from "./things";
import { toSheet, type View } from "./view";

/**
 * What the season before, the one after, or another version has otherwise: as an outline, so that one sees what comes and what went.
 */
export function Ghosts({ view, pieces }: { view: View; pieces: Pieces }) {
  const desk = useDesk();
  const { ghosts } = desk.shown;
  if (ghosts === null) return null;
  return (
    <g pointerEvents="none" data-testid="ghosts">
      {outlined(desk, ghosts).map(({ id, geometry }) => (
        <path
          key={id}
          d={pathOf(geometry, view, pieces)}
          fill="none"
          stroke={ghosts === "before" ? "var(--color-soft)" : "var(--color-mark)"}
          strokeWidth="1.6"
          strokeDasharray={ghosts === "before" ? "2 4" : "7 4"}
        />
      ))}
    </g>
  );
}

/** The plan by its outlines, while nothing of it is judged yet. */
export function Unjudged({ view, pieces }: { view: View; pieces: Pieces }) {
  const desk = useDesk();
  if (desk.report) return null;
  return (
    <g pointerEvents="none" data-testid="unjudged">
      {otherwise(desk, desk.season).map(({ id, geometry }) => (
        <path
          key={id}
          d={pathOf(geometry, view, pieces)}
          fill="url(#soil)"
          stroke="var(--color-ink)"
          strokeWidth="1"
        />
      ))}
    </g>
  );
}

function outlined(desk: Desk, ghosts: NonNullable<Desk["shown"]["ghosts"]>) {
  if (typeof ghosts === "object") return otherwise(desk, desk.season, ghosts.plan);
  return otherwise(desk, desk.season + (ghosts === "before" ? -1 : 1));
}

/** Things of another season, or of another version, that are not there now, or stand otherwise. */
export function otherwise(desk: Desk, season: number, plan = desk.plan) {
  return layers
    .flatMap((layer) => layer.inSeason({ ...desk, plan }, season))
    .filter(({ id, geometry }) => {
      const now = desk.things.get(id);
      return !now || !isSameGeometry(now.geometry, geometry);
    });
}

function pathOf(geometry: Geometry, view: View, pieces: Pieces): string {
  if (geometry.kind === "SPOT") return circlePath(toSheet(view, geometry.place), 9);
  const closed = geometry.kind === "BOX" || (geometry.kind === "PLACES" && geometry.closed);
  return (closed ? closedPath : openPath)(placesOf(geometry, pieces), view);
}
