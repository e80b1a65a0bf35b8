import { useState } from "react";
import { Problem, request } from "../api/client";
import type { Change, Point } from "../api/types";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { drawnOn } from "./fence";

/** Draws fences: on from the end of another, or a new one of what holds against the pests that are named. */
export function useFences() {
  const desk = useDesk();
  const [fault, setFault] = useState<string>();

  async function draw(places: readonly Point[], refused: (message: string) => void = setFault) {
    setFault(undefined);
    const [from, to] = places;
    const there = desk.plan.fences.filter(({ lifetime }) => isThere(lifetime, desk.season));
    const longer = from && to && places.length === 2 ? drawnOn(there, from, to) : null;
    if (longer) {
      desk.submit({ kind: "PutFence", fence: { ...longer.fence, places: longer.places } }, refused);
      return;
    }
    try {
      await desk.queue.allKept();
      const path = `/api/gardens/${desk.plan.id}/fences/lines?season=${String(desk.season)}`;
      desk.submit(await request<Change>("POST", path, { places }), refused);
    } catch (failure) {
      refused(failure instanceof Problem ? failure.message : words.awayIdle);
    }
  }

  return { draw, fault };
}
