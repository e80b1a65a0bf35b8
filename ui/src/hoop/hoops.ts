import type { components } from "../api/schema";
import type { Change } from "../api/types";
import { without } from "../edits/changes";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { useTold } from "../workspace/useTold";

export type HoopSet = components["schemas"]["HoopSet"];
export type HoopTold = components["schemas"]["HoopTold"];
export type HoopsOverBed = components["schemas"]["HoopsOverBed"];

/** How the sets of the season stand over its beds. */
export function useHoops(): readonly HoopTold[] {
  return useTold<HoopTold>("hoops", useDesk().plan.hoops);
}

/** Puts up hoops over some beds, or over the largest family where none is named; why it failed. */
export function useNewHoops() {
  const { submit } = useDesk();
  const { ask, fault, setFault } = useAsked<Change>();

  async function putUp(beds: readonly string[]) {
    const change = await ask("hoops/proposals", { body: { beds } });
    if (change) submit(change, setFault);
  }

  return { putUp, fault };
}

/** The same set, which goes by its rise; its pipes follow from it. */
export function byRise(set: HoopSet, rise: number): HoopSet {
  return { ...without(set, "length"), rise };
}

/** The same set, which goes by the length of its pipes; how high it rises follows from it. */
export function byLength(set: HoopSet, length: number): HoopSet {
  return { ...without(set, "rise"), length };
}
