import type { AppraisalChange, AppraisalReport } from "../api/types";

/* A preview tells only what an edit makes different: lists come as stretches of the earlier list, each followed by what is new. */

interface Rewrite<T> {
  stretches: { from: number; to: number; fresh: T[] }[];
}

/** The later list; elements that stay are the same objects. */
export function rewritten<T>(before: readonly T[], { stretches }: Rewrite<T>): T[] {
  return stretches.flatMap(({ from, to, fresh }) => [...before.slice(from, to), ...fresh]);
}

/** The judgement that an edit would lead to. */
export function appraisalAfter(before: AppraisalReport, change: AppraisalChange): AppraisalReport {
  return {
    ...change,
    beds: rewritten(before.beds, change.beds),
    gaps: rewritten(before.gaps, change.gaps),
    snags: rewritten(before.snags, change.snags),
    bill: rewritten(before.bill, change.bill),
    walks: rewritten(before.walks, change.walks),
    fences: rewritten(before.fences, change.fences),
    asked: rewritten(before.asked, change.asked),
  };
}
