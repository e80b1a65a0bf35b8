import type { Bed, Change, Rectangle } from "../api/types";
import { batch, freeName, placed } from "../edits/changes";
import { boundsOf, corners, overlaps, shifted, type Bounds } from "../sheet/geometry";
import { useDesk } from "./desk";

/** What can be done with the selected beds from anywhere in the workspace. */
export function useBedActions() {
  const desk = useDesk();
  const selected = desk.plan.beds.filter((bed) => desk.selection.has(bed.id) && desk.bedById.has(bed.id));

  function duplicate() {
    const taken = desk.plan.beds.map((bed) => bed.name);
    const standing = [...desk.outlines.values()];
    // A walk for the widest of the plan's own gardeners.
    const walk = Math.max(0, ...desk.plan.gardeners.map((gardener) => gardener.passing));
    const copies = selected.flatMap((bed): Change[] => {
      const revision = revisionIn(bed, desk.season);
      const outline = desk.outlines.get(bed.id);
      if (!revision || !outline) return [];
      const name = freeName(bed.name.replace(/ \d+$/, ""), taken);
      taken.push(name);
      const place = freePlace(outline, walk, standing, boundsOf(desk.plan.site.corners));
      standing.push(place);
      return [placed(name, { ...revision, from: desk.season, outline: place })];
    });
    if (copies.length === 0) return;
    desk.submit(batch("Duplicate beds", copies));
    desk.select(copies.flatMap((copy) => (copy.kind === "PlaceBed" ? [copy.bed.id] : [])));
  }

  /** Beds that stood in an earlier season are retired from this one on and keep their history; the others go altogether. */
  function remove() {
    const changes = selected.map((bed): Change =>
      bed.revisions.every((revision) => revision.from < desk.season)
        ? { kind: "RetireBed", bed: bed.id, season: desk.season }
        : { kind: "RemoveBed", bed: bed.id },
    );
    if (changes.length === 0) return;
    desk.submit(batch("Take beds out", changes));
    desk.select([]);
  }

  return { selected, duplicate, remove };
}

export function revisionIn(bed: Bed, season: number) {
  return bed.revisions.filter((revision) => revision.from <= season).at(-1);
}

/** Beside the original on the first side where it lies on the plot's bounds and on no other bed; else a little aside. */
function freePlace(
  outline: Rectangle,
  walk: number,
  standing: readonly Rectangle[],
  plot: Bounds,
): Rectangle {
  const own = boundsOf(corners(outline));
  const wide = own.right - own.left + walk;
  const high = own.top - own.bottom + walk;
  const sides: [number, number][] = [
    [wide, 0],
    [0, -high],
    [-wide, 0],
    [0, high],
  ];
  for (const [dx, dy] of sides) {
    const place = shifted(outline, dx, dy);
    const bounds = boundsOf(corners(place));
    const inside =
      bounds.left >= plot.left &&
      bounds.right <= plot.right &&
      bounds.bottom >= plot.bottom &&
      bounds.top <= plot.top;
    if (inside && !standing.some((other) => overlaps(bounds, boundsOf(corners(other))))) return place;
  }
  return shifted(outline, 0.3, -0.3);
}
