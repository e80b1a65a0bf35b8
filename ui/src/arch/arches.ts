import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";
import { useTold } from "../workspace/useTold";

export type Arch = components["schemas"]["Arch"];
export type ArchTold = components["schemas"]["ArchTold"];
export type ArchProposal = components["schemas"]["ArchProposal"];

/** How the arches of the season stand. */
export function useArches(): readonly ArchTold[] {
  return useTold<ArchTold>("arches", useDesk().plan.arches);
}

/** The four corners of the ground below an arch, round it. */
export function corners({ from, to, width }: Pick<Arch, "from" | "to" | "width">) {
  const span = Math.hypot(to.x - from.x, to.y - from.y);
  const x = ((to.y - from.y) / span) * (width / 2);
  const y = ((to.x - from.x) / span) * (width / 2);
  return [
    { x: from.x - x, y: from.y + y },
    { x: to.x - x, y: to.y + y },
    { x: to.x + x, y: to.y - y },
    { x: from.x + x, y: from.y - y },
  ];
}
