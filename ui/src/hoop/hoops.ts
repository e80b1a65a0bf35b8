import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, request } from "../api/client";
import type { components } from "../api/schema";
import type { Change } from "../api/types";
import { without } from "../edits/changes";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";

export type HoopSet = components["schemas"]["HoopSet"];
export type HoopTold = components["schemas"]["HoopTold"];
export type HoopsOverBed = components["schemas"]["HoopsOverBed"];
export type HoopPlace = HoopSet["places"][number];

/** How the sets of the season stand over its beds. */
export function useHoops(): readonly HoopTold[] {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["hoops", plan.id, garden.revision, season],
    queryFn: () => request<HoopTold[]>("GET", `/api/gardens/${plan.id}/hoops?season=${String(season)}`),
    enabled: plan.hoops.length > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return plan.hoops.length > 0 ? (data ?? []) : [];
}

/** Puts up hoops over some beds, or over the largest family where none is named; why it failed. */
export function useNewHoops() {
  const desk = useDesk();
  const [fault, setFault] = useState<string>();

  async function putUp(beds: readonly string[]) {
    setFault(undefined);
    try {
      await desk.queue.allKept();
      const path = `/api/gardens/${desk.plan.id}/hoops/proposals?season=${String(desk.season)}`;
      desk.submit(await request<Change>("POST", path, { beds }), setFault);
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : everywhere.awayIdle);
    }
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

/** The same set over more beds. */
export function alsoOver(set: HoopSet, beds: readonly string[]): HoopSet {
  return { ...set, places: [...set.places, ...beds.map((bed) => ({ bed, lifetime: {} }))] };
}
