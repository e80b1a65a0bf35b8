import { useEffect, useRef, type KeyboardEvent } from "react";
import { layers } from "../capabilities";
import type { Desk } from "../workspace/desk";
import { useThingActions } from "../workspace/useThingActions";
import { piecesOf } from "./boundary";
import { reshapes } from "./layer";
import { inReadingOrder, movedBy, settled, turnedBy, type Geometries, type Geometry } from "./things";

/** Arrow keys in quick succession are one edit; this long after the last one it is made, milliseconds. */
const BURST = 450;
const KEY_TURN = 15;
const LARGE_STEPS = 10;

interface Burst {
  before: Geometries;
  now: Geometries;
  timer: ReturnType<typeof setTimeout>;
}

/** The sheet by keyboard; answers the handler. Geometries that are being moved by keys go to `onMoving`. */
export function useSheetKeys(desk: Desk, onMoving: (geometries: Geometries) => void) {
  const burst = useRef<Burst | null>(null);
  const actions = useThingActions();
  const latest = useRef(desk);
  useEffect(() => {
    latest.current = desk;
  });

  function edit(how: (geometry: Geometry) => Geometry) {
    const running = burst.current;
    if (running) clearTimeout(running.timer);
    const selected = [...desk.things].filter(([id]) => desk.selection.has(id));
    const before =
      running?.before ?? new Map(selected.map(([id, { geometry }]): [string, Geometry] => [id, geometry]));
    if (before.size === 0) return;
    const now = new Map([...(running?.now ?? before)].map(([id, geometry]) => [id, how(geometry)]));
    const timer = setTimeout(() => {
      burst.current = null;
      const made = reshapes(layers, latest.current, now, before);
      if (made) latest.current.submit(made);
      else latest.current.tryOut(null);
      onMoving(new Map());
    }, BURST);
    burst.current = { before, now, timer };
    onMoving(now);
    const tried = reshapes(layers, desk, now, before);
    if (tried) desk.tryOut(tried);
  }

  return (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const pieces = piecesOf(desk.plan.site);
    const step = desk.snapStep * (event.shiftKey ? LARGE_STEPS : 1);
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    };
    const move = moves[event.key];
    if (move) edit((geometry) => settled(movedBy(geometry, ...move), pieces, desk.snapStep));
    else if (event.key === "r" || event.key === "R") {
      edit((geometry) => turnedBy(geometry, event.key === "R" ? -KEY_TURN : KEY_TURN));
    } else if (event.key === "d" || event.key === "D") actions.duplicate();
    else if (event.key === "Delete" || event.key === "Backspace") actions.remove();
    else if (event.key === "p" || event.key === "P") pin(desk);
    else if (event.key === "Enter") desk.open([...desk.selection]);
    else if (event.key === "Escape") desk.select([]);
    else if (event.key === "Tab") {
      if (!focusNext(desk, event.currentTarget.id, event.shiftKey)) return;
    } else return;
    event.preventDefault();
  };
}

/** Pins the dimensions of what is selected, or lets them go. */
function pin({ selection, shown, show }: Desk) {
  const all = [...selection].every((id) => shown.pinned.has(id));
  const pinned = new Set(shown.pinned);
  for (const id of selection) {
    if (all) pinned.delete(id);
    else pinned.add(id);
  }
  show({ pinned });
}

/** Goes to the next thing in reading order, or back; false after the last one, where the focus leaves the sheet. */
function focusNext(desk: Desk, focused: string, back: boolean): boolean {
  const order = inReadingOrder(desk.things.values(), piecesOf(desk.plan.site));
  const index = order.findIndex(({ id }) => `thing-${id}` === focused);
  const next = order[index + (back ? -1 : 1)];
  if (index < 0 || !next) return false;
  document.getElementById(`thing-${next.id}`)?.focus();
  return true;
}
