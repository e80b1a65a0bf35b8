import type { Snag } from "../api/types";
import { words } from "./words";

/** A snag with what it is known by, and its number in the order from the worst. */
export interface Numbered {
  key: string;
  number: number;
  snag: Snag;
}

export interface SnagGroup {
  heading: string;
  snags: Numbered[];
}

export const GROUPINGS = [
  { value: "cause", label: "by cause" },
  { value: "step", label: "by step" },
  { value: "place", label: "by place" },
] as const;

export type Grouping = (typeof GROUPINGS)[number]["value"];

/** What the groups are called by. */
export interface Names {
  /** Of a bed or of any other thing. */
  thing: (id: string) => string;
  gardener: (id: string) => string;
  step: (step: Snag["step"]) => string;
}

/** Groups in the order of the worst snag in each. */
export function grouped(snags: readonly Numbered[], by: Grouping, names: Names): SnagGroup[] {
  const groups = new Map<string, Numbered[]>();
  for (const each of snags) {
    const heading = HEADINGS[by](each.snag, names);
    groups.set(heading, [...(groups.get(heading) ?? []), each]);
  }
  return [...groups].map(([heading, members]) => ({ heading, snags: members }));
}

const HEADINGS: Record<Grouping, (snag: Snag, names: Names) => string> = {
  cause: (snag, { gardener }) => {
    const whom = listed(snag.gardeners.map(gardener).filter(Boolean));
    return whom === "" ? snag.cause : `${snag.cause} for ${whom}`;
  },
  step: (snag, { step }) => step(snag.step),
  place: (snag, { thing }) => {
    const [first] = [...snag.beds, ...snag.things.map(({ id }) => id)];
    return first === undefined ? words.wholeGarden : thing(first);
  },
};

/** "Ada, Maren and Oda". */
function listed(names: readonly string[]): string {
  const last = names.at(-1);
  return last === undefined || names.length === 1
    ? (last ?? "")
    : `${names.slice(0, -1).join(", ")} and ${last}`;
}
