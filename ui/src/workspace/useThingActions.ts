import { layers } from "../capabilities";
import { batch } from "../edits/changes";
import { boundsOf, overlaps, type Bounds } from "../sheet/geometry";
import type { Copy } from "../sheet/layer";
import { piecesOf } from "../sheet/boundary";
import { boundsOfThing, inReadingOrder, movedBy, settled, type Geometry, type Pieces } from "../sheet/things";
import { useDesk } from "./desk";

/** What can be done with the selected things from anywhere in the workspace. */
export function useThingActions() {
  const desk = useDesk();
  const pieces = piecesOf(desk.plan.site);
  const selected = inReadingOrder(
    [...desk.things.values()].filter(({ id }) => desk.selection.has(id)),
    pieces,
  );
  const beds = desk.plan.beds.filter((bed) => desk.selection.has(bed.id) && desk.bedById.has(bed.id));

  /** Copies are numbered in reading order. */
  function duplicate() {
    const taken = [...desk.things.values(), ...desk.plan.beds].map(({ name }) => name);
    const standing = [...desk.things.values()]
      .filter(({ under }) => !under)
      .map(({ geometry }) => boundsOfThing(geometry, pieces));
    // A walk for the widest of the plan's own gardeners.
    const walk = Math.max(0, ...desk.plan.gardeners.map((gardener) => gardener.passing));
    const copies = selected.flatMap((thing): Copy[] => {
      const geometry = freePlace(thing.geometry, walk, standing, pieces, desk.snapStep);
      const copy = layers.flatMap((layer) => layer.copy(desk, thing.id, geometry, taken) ?? [])[0];
      if (!copy) return [];
      taken.push(copy.name);
      standing.push(boundsOfThing(geometry, pieces));
      return [copy];
    });
    if (copies.length === 0) return;
    desk.submit(
      batch(
        `Duplicate ${String(copies.length)} things`,
        copies.map(({ change }) => change),
      ),
    );
    desk.select(copies.map(({ id }) => id));
  }

  function remove() {
    const changes = selected.flatMap(({ id }) => layers.flatMap((layer) => layer.remove(desk, id) ?? []));
    if (changes.length === 0) return;
    desk.submit(batch(`Delete ${String(changes.length)} things`, changes));
    desk.select([]);
  }

  return { selected, beds, duplicate, remove };
}

/** Beside the original on the first side where it lies on the plot's bounds and on nothing else; else a little aside. */
function freePlace(
  geometry: Geometry,
  walk: number,
  standing: readonly Bounds[],
  pieces: Pieces,
  step: number,
): Geometry {
  const own = boundsOfThing(geometry, pieces);
  const plot = boundsOf(pieces.flat());
  const wide = own.right - own.left + walk;
  const high = own.top - own.bottom + walk;
  const sides: [number, number][] = [
    [wide, 0],
    [0, -high],
    [-wide, 0],
    [0, high],
  ];
  for (const [dx, dy] of sides) {
    const place = settled(movedBy(geometry, dx, dy), pieces, step);
    const bounds = boundsOfThing(place, pieces);
    const inside =
      bounds.left >= plot.left &&
      bounds.right <= plot.right &&
      bounds.bottom >= plot.bottom &&
      bounds.top <= plot.top;
    if (inside && !standing.some((other) => overlaps(bounds, other))) return place;
  }
  return settled(movedBy(geometry, 0.3, -0.3), pieces, step);
}
