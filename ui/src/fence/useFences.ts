import { useEffect, useRef, useState } from "react";
import { Problem, request } from "../api/client";
import type { Change, Point } from "../api/types";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { drawnOn } from "./fence";

/** Draws fences: on from the end of another, or a new one of what holds against the pests that are named. */
export function useFences() {
  const desk = useDesk();
  // The tool stays in hand over several lines: each goes on from what the last one left.
  const latest = useRef(desk);
  useEffect(() => {
    latest.current = desk;
  });
  const [fault, setFault] = useState<string>();

  async function draw(places: readonly Point[], refused: (message: string) => void = setFault) {
    setFault(undefined);
    const { plan, season, queue, submit } = latest.current;
    const [from, to] = places;
    const there = plan.fences.filter(({ lifetime }) => isThere(lifetime, season));
    const longer = from && to && places.length === 2 ? drawnOn(there, from, to) : null;
    if (longer) {
      submit({ kind: "PutFence", fence: { ...longer.fence, places: longer.places } }, refused);
      return;
    }
    try {
      await queue.allKept();
      const path = `/api/gardens/${plan.id}/fences/lines?season=${String(season)}`;
      submit(await request<Change>("POST", path, { places }), refused);
    } catch (failure) {
      refused(failure instanceof Problem ? failure.message : words.awayIdle);
    }
  }

  return { draw, fault };
}
