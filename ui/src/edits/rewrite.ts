import type { AppraisalChange, AppraisalReport } from "../api/types";

/* A preview tells only what an edit makes different: lists come as stretches of the earlier list, each followed by what is new. */

interface Rewrite<T> {
  stretches: { from: number; to: number; fresh: T[] }[];
}

/** The later list; elements that stay are the same objects. */
export function rewritten<T>(before: readonly T[], { stretches }: Rewrite<T>): T[] {
  return stretches.flatMap(({ from, to, fresh }) => [...before.slice(from, to), ...fresh]);
}

/** The judgement that an edit would lead to; what the change doesn't name stays. */
export function appraisalAfter(
  before: AppraisalReport,
  { values, lists, gone }: AppraisalChange,
): AppraisalReport {
  const kept = Object.entries(before).filter(([part]) => !gone.includes(part));
  const rewrites = Object.entries(lists).map(([part, rewrite]) => [
    part,
    rewritten(before[part as keyof AppraisalReport] as unknown[], rewrite as Rewrite<unknown>),
  ]);
  return Object.fromEntries([...kept, ...Object.entries(values), ...rewrites]) as AppraisalReport;
}
