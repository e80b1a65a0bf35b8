import { standingThings } from "../capabilities";
import { useCarrierGround, useRoutes } from "../api/queries";
import type { Point } from "../api/types";
import { useDesk } from "../workspace/desk";
import { closedPath, openPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";

/** The ground that the chosen carrier can use, where it can turn, where it can't, and the ways it fetches and carries by. */
export function CarrierLayer({ view }: { view: View }) {
  const desk = useDesk();
  const { data } = useCarrierGround(desk.plan.id, desk.garden.revision, desk.season, desk.carrier);
  const routes = useRoutes(
    desk.plan.id,
    desk.garden.revision,
    desk.season,
    desk.carrier,
    placeOf(desk, desk.fetchFrom),
  );
  if (desk.carrier === null || !data) return null;
  return (
    <g pointerEvents="none" data-testid="carrier-layer">
      {data.ground.map((patch, index) => (
        <path
          key={index}
          d={[patch.outer, ...patch.holes].map((ring) => closedPath(ring, view)).join("")}
          fillRule="evenodd"
          fill="url(#usable)"
          stroke="var(--color-mark)"
          strokeWidth="1.2"
        />
      ))}
      {data.turning.map((patch, index) => (
        <path
          key={index}
          data-turning
          d={[patch.outer, ...patch.holes].map((ring) => closedPath(ring, view)).join("")}
          fillRule="evenodd"
          fill="none"
          stroke="var(--color-mark)"
          strokeWidth="1"
          strokeDasharray="1 4"
        />
      ))}
      {data.passing.map((patch, index) => (
        <path
          key={index}
          data-passing
          d={[patch.outer, ...patch.holes].map((ring) => closedPath(ring, view)).join("")}
          fillRule="evenodd"
          fill="none"
          stroke="var(--color-ochre)"
          strokeWidth="1"
          strokeDasharray="8 4"
        />
      ))}
      {data.tees.map((tee, index) => (
        <path
          key={index}
          data-tee
          d={closedPath(tee.outline, view)}
          fill="none"
          stroke="var(--color-mark)"
          strokeWidth="1"
          strokeDasharray="4 3"
        />
      ))}
      {data.deadEnds.map((end, index) => {
        const place = toSheet(view, end.place);
        return (
          <path
            key={index}
            d={`M${String(place.x - 7)} ${String(place.y - 7)}l14 14m0-14l-14 14`}
            stroke="var(--color-snag)"
            strokeWidth="2.4"
          />
        );
      })}
      {(routes.data ?? []).map((route) => (
        <path
          key={route.bed}
          d={openPath(route.places, view)}
          fill="none"
          stroke="var(--color-mark)"
          strokeWidth={desk.selection.has(route.bed) ? 4 : 1.6}
          strokeOpacity={desk.selection.size === 0 || desk.selection.has(route.bed) ? 0.9 : 0.25}
        />
      ))}
    </g>
  );
}

/** Where a feature or a way in lies, for ways to begin at. */
export function placeOf(desk: Pick<ReturnType<typeof useDesk>, "plan">, id: string | null): Point | null {
  const way = desk.plan.waysIn.find((w) => w.id === id);
  if (way) return way.place;
  const places = standingThings(desk.plan).find((f) => f.id === id)?.places;
  if (!places) return null;
  return {
    x: places.reduce((sum, p) => sum + p.x, 0) / places.length,
    y: places.reduce((sum, p) => sum + p.y, 0) / places.length,
  };
}
