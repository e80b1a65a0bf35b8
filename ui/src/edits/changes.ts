import type { Bed, BedRevision, Catalogue, Change, Keyhole, Plan, Point, Rectangle } from "../api/types";
import { isSame } from "../sheet/geometry";
import { refitted } from "../sheet/outline";

/** A bed's new outline in the revision that begins in the season `from`. */
export interface Reoutline {
  bed: string;
  from: number;
  before: Rectangle;
  after: Rectangle;
}

/** The change that gives beds other outlines, one to the gardener whatever their number; null if none differs. */
export function reoutline(edits: readonly Reoutline[], label: string): Change | null {
  const changes = edits.filter((edit) => !isSame(edit.before, edit.after)).map(single);
  const [only] = changes;
  if (!only) return null;
  return changes.length === 1 ? only : { kind: "Batch", label, changes };
}

function single({ bed, from, before, after }: Reoutline): Change {
  return before.length === after.length && before.width === after.width
    ? { kind: "MoveBed", bed, from, centre: after.centre, turn: after.turn }
    : { kind: "ReshapeBed", bed, from, outline: after };
}

/** The change that gives a bed of free corners other ones, measured from the lower left of its rectangle as it was. */
export function withCorners(
  bed: { bed: string; revision: number; shape: { keyholes: Keyhole[] } },
  outline: Rectangle,
  places: readonly Point[],
): Change {
  const fitted = refitted(places, outline);
  return {
    kind: "ReshapeBed",
    bed: bed.bed,
    from: bed.revision,
    outline: fitted.outline,
    shape: { form: { kind: "FREE", places: fitted.places }, keyholes: bed.shape.keyholes },
  };
}

export function placed(name: string, revision: BedRevision): Change {
  const bed: Bed = { id: crypto.randomUUID(), name, tendedBy: [], revisions: [revision] };
  return { kind: "PlaceBed", bed };
}

/** A bed without keyholes or arms, which nothing was there of before. */
export const plain = {
  shape: { form: { kind: "RECTANGLE" as const }, keyholes: [] },
  existing: false,
  build: { legs: 0, mound: 0, overhang: 0 },
};

/** The name of one of several that are named by a pattern: its number stands for #, or after it. */
export function namedBy(pattern: string, index: number): string {
  const whole = pattern.includes("#") ? pattern : `${pattern} #`;
  return whole.replace("#", String(index + 1));
}

/** The same without some properties. */
export function without<T extends object, K extends keyof T>(value: T, ...keys: readonly K[]): Omit<T, K> {
  const names: readonly PropertyKey[] = keys;
  return Object.fromEntries(Object.entries(value).filter(([name]) => !names.includes(name))) as Omit<T, K>;
}

export function batch(label: string, changes: Change[]): Change {
  const [only] = changes;
  return only && changes.length === 1 ? only : { kind: "Batch", label, changes };
}

/** Outlines that beds will have once changes that wait are made; `now` are those they have. */
export function outlinesAfter(
  changes: readonly Change[],
  now: ReadonlyMap<string, Rectangle>,
): Map<string, Rectangle> {
  const outlines = new Map(now);
  for (const change of changes.flatMap((c) => (c.kind === "Batch" ? c.changes : [c]))) {
    const before = "bed" in change && typeof change.bed === "string" ? outlines.get(change.bed) : undefined;
    if (change.kind === "ReshapeBed") outlines.set(change.bed, change.outline);
    if (change.kind === "MoveBed" && before) {
      outlines.set(change.bed, { ...before, centre: change.centre, turn: change.turn });
    }
    if (change.kind === "RemoveBed") outlines.delete(change.bed);
    const [first] = change.kind === "PlaceBed" ? change.bed.revisions : [];
    if (change.kind === "PlaceBed" && first) outlines.set(change.bed.id, first.outline);
  }
  return outlines;
}

/** Where the plan lists the things of each kind, from the catalogue. */
type Lists = Catalogue["things"];

/**
 * The plan with edits that wait, as far as each puts a whole thing in the place of what was there: the next edit of it starts from what
 * was typed last. Anything else that an edit does is left to the program.
 */
export function planAfter(changes: readonly Change[], plan: Plan, lists: Lists): Plan {
  return changes
    .flatMap((change) => (change.kind === "Batch" ? change.changes : [change]))
    .reduce((before, change) => withPut(before, change, lists), plan);
}

/** What there is one of in a plan, by the edit that sets it. */
const PARTS = { PutWorkshop: "workshop", PutSupply: "supply", SetBudget: "budget", SetSite: "site" } as const;

function withPut(plan: Plan, change: Change, lists: Lists): Plan {
  if (change.kind === "RebuildBed") {
    return withRevision(plan, change.bed, change.revision.from, () => change.revision);
  }
  if (change.kind === "ReframeBed") {
    const { frame } = change;
    return withRevision(plan, change.bed, change.from, (before) =>
      frame ? { ...before, frame } : without(before, "frame"),
    );
  }
  if (change.kind in PARTS) {
    const part = PARTS[change.kind as keyof typeof PARTS];
    return { ...plan, [part]: (change as unknown as Plan)[part] };
  }
  const kind = lists.find(({ name }) => name in change && change.kind.startsWith("Put"));
  if (!kind) return plan;
  const thing = (change as unknown as Record<string, { id: string }>)[kind.name];
  const things = (plan as unknown as Record<string, { id: string }[]>)[kind.list];
  return thing && things ? { ...plan, [kind.list]: put(things, thing) } : plan;
}

function withRevision(
  plan: Plan,
  id: string,
  from: number,
  revised: (before: BedRevision) => BedRevision,
): Plan {
  const beds = plan.beds.map((bed) =>
    bed.id === id
      ? { ...bed, revisions: bed.revisions.map((each) => (each.from === from ? revised(each) : each)) }
      : bed,
  );
  return { ...plan, beds };
}

function put<T extends { id: string }>(all: readonly T[], one: T): T[] {
  return all.some(({ id }) => id === one.id)
    ? all.map((other) => (other.id === one.id ? one : other))
    : [...all, one];
}

/** "Bed 7" for the lowest number that is not taken. */
export function freeName(stem: string, taken: readonly string[]): string {
  for (let number = 1; ; number++) {
    const name = `${stem} ${String(number)}`;
    if (!taken.includes(name)) return name;
  }
}
