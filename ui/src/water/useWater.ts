import { useState } from "react";
import { Problem, request } from "../api/client";
import type { Change, Point } from "../api/types";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import type { Way } from "./water";

/** Asks the program for an edit that brings water, and makes it; why there is none is told. */
export function useWater() {
  const desk = useDesk();
  const [fault, setFault] = useState<string>();

  async function put(what: string, body?: object, refused: (message: string) => void = setFault) {
    setFault(undefined);
    try {
      await desk.queue.allKept();
      const path = `/api/gardens/${desk.plan.id}/water/${what}?season=${String(desk.season)}`;
      const change = await request<Change>("POST", path, body);
      desk.submit(change, refused);
    } catch (failure) {
      refused(failure instanceof Problem ? failure.message : words.awayIdle);
    }
  }

  return {
    fault,
    tap: (bucket: number, seconds: number) => put("taps", { bucket, seconds }),
    barrel: () => put("barrels"),
    run: (places: readonly Point[], refused?: (message: string) => void) => put("runs", { places }, refused),
    manifold: (place: Point, refused?: (message: string) => void) => put("manifolds", { place }, refused),
    lines: (beds: readonly string[], way: Way) => put("lines", { beds, way }),
  };
}
