import type { Plan } from "../api/types";

/** What two versions of a garden have otherwise, by the names of the things. */
export interface Differences {
  onlyHere: string[];
  onlyThere: string[];
  otherwise: string[];
}

/** What is no thing on the ground, and what it is called. */
const PARTS = {
  site: "the plot",
  budget: "the budget",
  prices: "prices",
  quotes: "quotes",
  supply: "how soil comes",
  workshop: "saw and shed",
} as const;

interface Item {
  id: string;
  name?: string;
}

/** @param lists the properties of a plan that hold things by their id */
export function differences(here: Plan, there: Plan, lists: readonly string[]): Differences {
  const found: Differences = { onlyHere: [], onlyThere: [], otherwise: [] };
  for (const list of new Set(["beds", ...lists])) {
    if (list in PARTS) continue;
    const ours = itemsOf(here, list);
    const theirs = new Map(itemsOf(there, list).map((item) => [item.id, item]));
    for (const item of ours) {
      const other = theirs.get(item.id);
      if (!other) found.onlyHere.push(nameOf(item));
      else if (!isSame(item, other)) found.otherwise.push(nameOf(item));
    }
    const known = new Set(ours.map(({ id }) => id));
    found.onlyThere.push(...[...theirs.values()].filter(({ id }) => !known.has(id)).map(nameOf));
  }
  for (const [part, name] of Object.entries(PARTS)) {
    if (!isSame(here[part as keyof typeof PARTS], there[part as keyof typeof PARTS]))
      found.otherwise.push(name);
  }
  return found;
}

function itemsOf(plan: Plan, list: string): Item[] {
  return (plan as unknown as Record<string, Item[] | undefined>)[list] ?? [];
}

function nameOf({ id, name }: Item): string {
  return name ?? id;
}

/** Both were written by the program, in the same order. */
function isSame(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}
