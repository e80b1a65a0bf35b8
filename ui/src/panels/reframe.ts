import type { Bed, Change, Frame } from "../api/types";
import { batch, without } from "../edits/changes";
import { revisionIn } from "../workspace/useBedActions";

/** Other boards for the beds that stand in a season, or none; null if none stands. Boards take the place of a kit or a mound. */
export function reframing(beds: readonly Bed[], season: number, frame: Frame | undefined): Change | null {
  const changes = beds.flatMap((bed): Change[] => {
    const now = revisionIn(bed, season);
    if (!now) return [];
    if (!frame) return [{ kind: "ReframeBed", bed: bed.id, from: now.from }];
    const build = { ...without(now.build, "kit"), mound: 0 };
    return now.build.kit !== undefined || now.build.mound > 0
      ? [{ kind: "RebuildBed", bed: bed.id, revision: { ...now, frame, build } }]
      : [{ kind: "ReframeBed", bed: bed.id, from: now.from, frame }];
  });
  return changes.length > 0 ? batch("Reframe beds", changes) : null;
}
