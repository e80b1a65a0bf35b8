import { useCallback, useEffect, useMemo, useRef, type PointerEvent, type RefObject } from "react";
import type { Bounds } from "./geometry";
import { useLook } from "../workspace/useAddress";
import { fitted, lookOf, panned, viewOf, zoomed, type Size, type View } from "./view";

const WHEEL_ZOOM = 1.0015;
const BUTTON_ZOOM = 1.25;

export interface ViewControl {
  larger: () => void;
  smaller: () => void;
  fit: () => void;
}

/** Zoom by wheel or buttons, pan with Space held, by the middle button or by one finger on open ground. Until it is changed the whole plot is shown;
 * where one looks stands in the address. */
export function useViewControl(plot: Bounds, size: Size | null, frame: RefObject<HTMLElement | null>) {
  const [look, setLook] = useLook();
  const panning = useRef<{ x: number; y: number; pointer: number } | null>(null);
  // One object for as long as it stays: what is drawn to it is drawn anew for another one.
  const view = useMemo(() => {
    if (!size) return { scale: 50, x: 0, y: 0 };
    return look ? viewOf(look, size) : fitted(plot, size);
  }, [look, plot, size]);
  const current = useRef(view);
  const setOwn = useCallback(
    (next: View) => {
      if (size) setLook(lookOf(next, size));
    },
    [size, setLook],
  );
  useEffect(() => {
    current.current = view;
  });

  useEffect(() => {
    const node = frame.current;
    if (!node) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = node.getBoundingClientRect();
      const about = { x: event.clientX - box.left, y: event.clientY - box.top };
      const next = event.shiftKey
        ? panned(current.current, -event.deltaY - event.deltaX, 0)
        : zoomed(current.current, WHEEL_ZOOM ** -event.deltaY, about);
      current.current = next;
      setOwn(next);
    };
    node.addEventListener("wheel", wheel, { passive: false });
    return () => {
      node.removeEventListener("wheel", wheel);
    };
  }, [frame, setOwn]);

  const space = useRef(false);
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.code === "Space") space.current = event.type === "keydown";
    };
    window.addEventListener("keydown", key);
    window.addEventListener("keyup", key);
    return () => {
      window.removeEventListener("keydown", key);
      window.removeEventListener("keyup", key);
    };
  }, []);

  const about = (factor: number) => {
    setOwn(zoomed(view, factor, { x: (size?.width ?? 0) / 2, y: (size?.height ?? 0) / 2 }));
  };
  const control: ViewControl = {
    larger: () => {
      about(BUTTON_ZOOM);
    },
    smaller: () => {
      about(1 / BUTTON_ZOOM);
    },
    fit: () => {
      setLook(null);
    },
  };

  const panHandlers = {
    onPointerDownCapture: (event: PointerEvent) => {
      const onGround = !(
        event.target instanceof Element &&
        event.target.closest("[role=button]:not([data-under]), [data-grip], button")
      );
      if (event.button === 1 || space.current || (event.pointerType === "touch" && onGround)) {
        panning.current = { x: event.clientX, y: event.clientY, pointer: event.pointerId };
        if (space.current) event.stopPropagation();
      }
    },
    onPointerMoveCapture: (event: PointerEvent) => {
      const last = panning.current;
      if (last?.pointer !== event.pointerId) return;
      setOwn(panned(current.current, event.clientX - last.x, event.clientY - last.y));
      panning.current = { x: event.clientX, y: event.clientY, pointer: event.pointerId };
    },
    onPointerUpCapture: () => {
      panning.current = null;
    },
  };

  return { view, control, panHandlers };
}
