import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Change, Rectangle } from "../api/types";
import { reoutline, type Reoutline } from "../edits/changes";
import type { Desk } from "../workspace/desk";
import { useBedActions } from "../workspace/useBedActions";
import { shifted, turned } from "./geometry";

/** Arrow keys in quick succession are one edit; this long after the last one it is made, milliseconds. */
const BURST = 450;
const KEY_TURN = 15;
const LARGE_STEPS = 10;

interface Burst {
  before: Map<string, Rectangle>;
  now: Map<string, Rectangle>;
  timer: ReturnType<typeof setTimeout>;
}

/** The sheet by keyboard; answers the handler and outlines that are being moved by keys. */
export function useSheetKeys(desk: Desk, onMoving: (outlines: ReadonlyMap<string, Rectangle>) => void) {
  const burst = useRef<Burst | null>(null);
  const actions = useBedActions();
  const latest = useRef(desk);
  useEffect(() => {
    latest.current = desk;
  });

  function change(before: Map<string, Rectangle>, now: Map<string, Rectangle>): Change | null {
    const edits = [...before].flatMap(([bed, outline]): Reoutline[] => {
      const from = latest.current.bedById.get(bed)?.revision;
      const after = now.get(bed);
      return from === undefined || !after ? [] : [{ bed, from, before: outline, after }];
    });
    return reoutline(edits, "Move beds");
  }

  function edit(how: (outline: Rectangle) => Rectangle) {
    const selected = [...desk.selection];
    const running = burst.current;
    if (running) clearTimeout(running.timer);
    const before = running?.before ?? new Map([...desk.outlines].filter(([bed]) => selected.includes(bed)));
    if (before.size === 0) return;
    const now = new Map([...(running?.now ?? before)].map(([bed, outline]) => [bed, how(outline)]));
    const timer = setTimeout(() => {
      burst.current = null;
      const made = change(before, now);
      if (made) latest.current.submit(made);
      else latest.current.tryOut(null);
      onMoving(new Map());
    }, BURST);
    burst.current = { before, now, timer };
    onMoving(now);
    const tried = change(before, now);
    if (tried) desk.tryOut(tried);
  }

  return (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const step = desk.snapStep * (event.shiftKey ? LARGE_STEPS : 1);
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    };
    const move = moves[event.key];
    if (move) edit((outline) => shifted(outline, ...move));
    else if (event.key === "r" || event.key === "R") {
      edit((outline) => turned(outline, event.key === "R" ? -KEY_TURN : KEY_TURN));
    } else if (event.key === "d" || event.key === "D") actions.duplicate();
    else if (event.key === "Delete" || event.key === "Backspace") actions.remove();
    else if (event.key === "Escape") desk.select([]);
    else return;
    event.preventDefault();
  };
}
