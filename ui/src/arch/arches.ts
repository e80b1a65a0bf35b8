import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useDesk } from "../workspace/desk";

export type Arch = components["schemas"]["Arch"];
export type ArchTold = components["schemas"]["ArchTold"];
export type ArchProposal = components["schemas"]["ArchProposal"];

/** How the arches of the season stand. */
export function useArches(): readonly ArchTold[] {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["arches", plan.id, garden.revision, season],
    queryFn: () => request<ArchTold[]>("GET", `/api/gardens/${plan.id}/arches?season=${String(season)}`),
    enabled: plan.arches.length > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return plan.arches.length > 0 ? (data ?? []) : [];
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
