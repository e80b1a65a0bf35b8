import type { components } from "../api/schema";
import type { Change } from "../api/types";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { useTold } from "../workspace/useTold";

export type BedCover = components["schemas"]["BedCover"];
export type CoverTold = components["schemas"]["CoverTold"];
export type CoverKind = BedCover["kind"];

/** How the covers of the season stand on its beds. */
export function useCovers(): readonly CoverTold[] {
  return useTold<CoverTold>("covers", useDesk().plan.bedCovers);
}

/** Builds a cover for some beds, or for one of the largest family where none is named; why it failed. */
export function useNewCovers() {
  const { submit } = useDesk();
  const { ask, fault, setFault } = useAsked<Change>();

  async function build(kind: CoverKind, beds: readonly string[]) {
    const change = await ask("covers/proposals", { body: { kind, beds } });
    if (change) submit(change, setFault);
  }

  return { build, fault };
}
