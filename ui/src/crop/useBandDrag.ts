import { useRef, useState, type PointerEvent, type MouseEvent } from "react";

/** Where a band lies in its row. */
export interface BandAt {
  left: string;
  width: string;
  top: number;
  height: number;
}

/** Less than this is a click, pixels. */
const STILL = 4;

interface Props {
  /** Of the row's width. */
  days: number;
  /** Told so many days and over which bed, undefined beside all of them. */
  onDrag: (days: number, bed: string | undefined) => void;
  onDrop: (days: number, bed: string | undefined) => void;
  onGivenUp: () => void;
}

/** Drags a band along its row, or into the row of another bed. Escape puts it back. */
export function useBandDrag({ days, onDrag, onDrop, onGivenUp }: Props) {
  const start = useRef<{ x: number; y: number; perDay: number } | null>(null);
  const dropped = useRef(false);
  const [dragged, setDragged] = useState<{ x: number; y: number } | null>(null);

  function end() {
    start.current = null;
    setDragged(null);
    removeEventListener("keydown", giveUp, true);
  }

  function giveUp(event: KeyboardEvent) {
    if (event.key !== "Escape") return;
    event.stopPropagation();
    dropped.current = true;
    end();
    onGivenUp();
  }

  function at(event: PointerEvent<HTMLElement>) {
    if (!start.current) return null;
    const { x, y, perDay } = start.current;
    const by = { x: event.clientX - x, y: event.clientY - y };
    if (!dragged && Math.hypot(by.x, by.y) < STILL) return null;
    const row = document
      .elementsFromPoint(event.clientX, event.clientY)
      .map((element) => element.closest<HTMLElement>("[data-bed-row]"))
      .find((found) => found !== null);
    return { by, days: Math.round(by.x / perDay), bed: row?.dataset["bedRow"] };
  }

  const handlers = {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0) return;
      const row = event.currentTarget.parentElement?.clientWidth ?? 1;
      start.current = { x: event.clientX, y: event.clientY, perDay: row / days };
      dropped.current = false;
      event.currentTarget.setPointerCapture(event.pointerId);
      addEventListener("keydown", giveUp, true);
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const now = at(event);
      if (!now) return;
      setDragged(now.by);
      onDrag(now.days, now.bed);
    },
    onPointerUp: (event: PointerEvent<HTMLElement>) => {
      const now = at(event);
      if (now) {
        dropped.current = true;
        onDrop(now.days, now.bed);
      }
      end();
    },
    onPointerCancel: end,
    // What was dropped was not clicked.
    onClickCapture: (event: MouseEvent<HTMLElement>) => {
      if (!dropped.current) return;
      dropped.current = false;
      event.stopPropagation();
    },
  };
  return { dragged, handlers };
}
