import type { Bed, Change, Frame, Wall } from "../api/types";
import { batch, without } from "../edits/changes";
import { revisionIn } from "../workspace/revisionIn";

/**
 * Other boards for the beds that stand in a season, or none; null if none stands. Boards take the place of a kit, a wall or a mound, and
 * without boards there is no wall either.
 */
export function reframing(beds: readonly Bed[], season: number, frame: Frame | undefined): Change | null {
  const changes = beds.flatMap((bed): Change[] => {
    const now = revisionIn(bed, season);
    if (!now) return [];
    const { kit, wall, mound } = now.build;
    if (!frame && wall === undefined) return [{ kind: "ReframeBed", bed: bed.id, from: now.from }];
    const build = without(now.build, "wall");
    if (!frame) return [{ kind: "RebuildBed", bed: bed.id, revision: { ...now, build } }];
    return kit !== undefined || wall !== undefined || mound > 0
      ? [
          {
            kind: "RebuildBed",
            bed: bed.id,
            revision: { ...now, frame, build: { ...without(build, "kit"), mound: 0 } },
          },
        ]
      : [{ kind: "ReframeBed", bed: bed.id, from: now.from, frame }];
  });
  return changes.length > 0 ? batch("Reframe beds", changes) : null;
}

/** A wall in place of boards, a kit or a mound; a cap of boards and legs go with them. */
export function walling(beds: readonly Bed[], season: number, wall: Wall): Change {
  const changes = beds.flatMap((bed): Change[] => {
    const now = revisionIn(bed, season);
    if (!now) return [];
    const bare = without(without(now.build, "kit"), "cap");
    const build = { ...bare, mound: 0, legs: 0, wall };
    return [{ kind: "RebuildBed", bed: bed.id, revision: { ...without(now, "frame"), build } }];
  });
  return batch("Wall beds", changes);
}
