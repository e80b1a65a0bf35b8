import type { Bed, BedRevision, Change, Keyhole, Plan, Point, Rectangle } from "../api/types";
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
  for (const change of changes.flatMap((c) => (c.kind === "Batch" ? (c.changes as Change[]) : [c]))) {
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

/**
 * The plan with edits that wait, as far as each puts a whole thing in the place of what was there: the next edit of it starts from what
 * was typed last. Anything else that an edit does is left to the program.
 */
export function planAfter(changes: readonly Change[], plan: Plan): Plan {
  return changes
    .flatMap((change) => (change.kind === "Batch" ? (change.changes as Change[]) : [change]))
    .reduce(withPut, plan);
}

function withPut(plan: Plan, change: Change): Plan {
  switch (change.kind) {
    case "PutWorkshop":
      return { ...plan, workshop: change.workshop };
    case "PutSupply":
      return { ...plan, supply: change.supply };
    case "SetBudget":
      return { ...plan, budget: change.budget };
    case "SetSite":
      return { ...plan, site: change.site };
    case "PutWalk":
      return { ...plan, walks: put(plan.walks, change.walk) };
    case "PutFeature":
      return { ...plan, features: put(plan.features, change.feature) };
    case "PutWayIn":
      return { ...plan, waysIn: put(plan.waysIn, change.wayIn) };
    case "PutCarrier":
      return { ...plan, carriers: put(plan.carriers, change.carrier) };
    case "PutGardener":
      return { ...plan, gardeners: put(plan.gardeners, change.gardener) };
    case "PutSundry":
      return { ...plan, sundries: put(plan.sundries, change.sundry) };
    case "PutQuote":
      return { ...plan, quotes: put(plan.quotes, change.quote) };
    case "RebuildBed":
      return withRevision(plan, change.bed, change.revision.from, () => change.revision);
    case "ReframeBed": {
      const { frame } = change;
      return withRevision(plan, change.bed, change.from, (before) =>
        frame ? { ...before, frame } : without(before, "frame"),
      );
    }
    default:
      return plan;
  }
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

/** What an edit did, for the list of edits. */
export function describe(change: Change, bedName: (id: string) => string): string {
  switch (change.kind) {
    case "PlaceBed":
      return `Placed ${change.bed.name}`;
    case "RemoveBed":
      return `Took out ${bedName(change.bed)}`;
    case "MoveBed":
      return `Moved ${bedName(change.bed)}`;
    case "ReshapeBed":
      return `Reshaped ${bedName(change.bed)}`;
    case "ReframeBed":
      return `Reframed ${bedName(change.bed)}`;
    case "RebuildBed":
      return `Built ${bedName(change.bed)} otherwise`;
    case "ReviseBed":
      return `Planned ${bedName(change.bed)} anew from ${String(change.revision.from)}`;
    case "DropRevision":
      return `Dropped the rebuild of ${bedName(change.bed)} in ${String(change.from)}`;
    case "RescheduleRevision":
      return `Put ${bedName(change.bed)} from ${String(change.from)} to ${String(change.to)}`;
    case "RenameBed":
      return `Renamed a bed to ${change.name}`;
    case "TendBed":
      return change.gardeners.length === 0
        ? `Gave ${bedName(change.bed)} to everybody`
        : `Said who tends ${bedName(change.bed)}`;
    case "RetireBed":
      return change.season === undefined
        ? `Let ${bedName(change.bed)} stand`
        : `Retired ${bedName(change.bed)} from ${String(change.season)}`;
    case "PutGardener":
      return `Measured ${change.gardener.name}`;
    case "RemoveGardener":
      return "Took out a gardener";
    case "SetBudget":
      return "Set the budget";
    case "SetPrice":
      return "Set a price";
    case "ClearPrice":
      return "Cleared a price";
    case "MarkExisting":
      return change.existing ? `${bedName(change.bed)} stood already` : `${bedName(change.bed)} is built new`;
    case "PutFeature":
      return `Put down ${change.feature.name}`;
    case "RemoveFeature":
      return "Took something off the plot";
    case "PutWayIn":
      return `Set ${change.wayIn.name}`;
    case "RemoveWayIn":
      return "Closed a way in";
    case "PutCarrier":
      return `Measured ${change.carrier.name}`;
    case "RemoveCarrier":
      return "Did without a carrier";
    case "PutWalk":
      return `Laid ${change.walk.name}`;
    case "RemoveWalk":
      return "Took up a walk";
    case "PutQuote":
      return "Noted what a shop asks";
    case "RemoveQuote":
      return "Forgot what a shop asked";
    case "PutOff":
      return `Put work of ${String(change.season)} off to ${String(change.to)}`;
    case "PutWorkshop":
      return "Changed the saw or the shed";
    case "PutSupply":
      return "Changed how loose stuff comes";
    case "PutSundry":
      return `Put ${change.sundry.name} on the bill`;
    case "RemoveSundry":
      return "Took something off the bill";
    case "SetLevels":
      return "Set the levels";
    case "SetSoil":
      return "Noted the soil";
    case "SetSite":
      return "Changed the plot";
    case "DescribeGarden":
      return "Changed name or units";
    case "TakeOver":
      return `Took over ${change.label}`;
    case "Batch":
      return change.label;
  }
}
