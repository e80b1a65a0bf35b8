import { layers } from "../capabilities";
import { useCallback, useEffect, useMemo, useRef, useState, type PointerEvent } from "react";
import type { Change, Gap, Point } from "../api/types";
import { formatLength } from "../measure/lengths";
import { useDesk, type Desk, type Tool } from "../workspace/desk";
import { bedLabel, words } from "./words";
import { piecesOf } from "./boundary";
import { boundsOf, stretched } from "./geometry";
import { GapLine } from "./GapLine";
import { Ghosts, Unjudged } from "./Ghosts";
import { Ground } from "./Ground";
import { Handles } from "./Handles";
import { HitAreas } from "./HitAreas";
import {
  beforeHand,
  caught,
  idle,
  interact,
  underHand,
  type Action,
  type Interaction,
  type Scene,
} from "./interaction";
import { Labels } from "./Labels";
import { reshapes } from "./layer";
import { Patterns } from "./Patterns";
import { overlaysOf, SheetOverlay } from "./SheetOverlay";
import { SlopeLine } from "./SlopeLine";
import { Sketch } from "./Sketch";
import {
  inReadingOrder,
  movedBy,
  sidesOf,
  withSide,
  type Geometries,
  type Geometry,
  type Thing,
} from "./things";
import { Transients } from "./Transients";
import { TypeHere, type Typing } from "./TypeHere";
import { useDrawn } from "./useDrawn";
import { gapKey, gapsShown, nameOf, useLabels } from "./useLabels";
import { useSheetKeys } from "./useSheetKeys";
import { useSize } from "./useSize";
import { useViewControl } from "./useViewControl";
import { toGround, toSheet } from "./view";

/** How near a snap has to be, pixels. */
const SNAP_PIXELS = 9;
/** Dimensions of what the pointer has left stay so long, milliseconds. */
const LINGER = 1200;
const NOTHING: Geometries = new Map();

/** The measured drawing: things to scale, dragged, turned, stretched and bent by hand or keys, judged while they move. */
export function Sheet() {
  const desk = useDesk();
  const { site } = desk.plan;
  const drawing = desk.tool !== null;
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const pieces = useMemo(() => piecesOf(site), [site]);
  const plot = useMemo(() => boundsOf(pieces.flat()), [pieces]);
  const { view, control, panHandlers } = useViewControl(plot, size, frame);
  const [doing, setDoing] = useState<Interaction>(idle);
  const [byKeys, setByKeys] = useState<Geometries>(NOTHING);
  const [typing, setTyping] = useState<Typing | null>(null);
  const [hovered, setHovered] = useLingering(LINGER);
  const drawnChange = useDrawn();
  const onKeys = useSheetKeys(desk, setByKeys);

  const hand = underHand(doing);
  const moved = hand.size > 0 ? hand : byKeys;
  const order = useMemo(() => inReadingOrder(desk.things.values(), pieces), [desk.things, pieces]);
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const single = only === undefined ? undefined : desk.things.get(only);

  function sceneAt(event: { altKey: boolean }): Scene {
    return {
      things: new Map([...desk.things].map(([id, { geometry }]) => [id, geometry])),
      pieces,
      step: desk.snapStep,
      tolerance: SNAP_PIXELS / view.scale,
      free: event.altKey,
    };
  }

  function place(event: PointerEvent): Point {
    const box = frame.current?.getBoundingClientRect();
    return toGround(view, { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) });
  }

  function act(action: Action, event: PointerEvent): Interaction {
    const next = interact(doing, action, sceneAt(event));
    setDoing(next);
    return next;
  }

  function capture(event: PointerEvent) {
    frame.current?.setPointerCapture(event.pointerId);
    event.stopPropagation();
  }

  function grab(id: string, event: PointerEvent) {
    if (drawing || event.button !== 0) return;
    const already = desk.selection.has(id);
    // What others stand on is picked up only once it has been clicked.
    if (desk.things.get(id)?.under && !already) {
      if (!event.shiftKey) desk.select([]);
      act({ kind: "start-marquee", at: place(event), click: id }, event);
      capture(event);
      return;
    }
    const others = [...desk.selection].filter((other) => other !== id);
    const things = event.shiftKey && already ? others : already || event.shiftKey ? [...others, id] : [id];
    desk.select(things);
    if (event.shiftKey) return;
    act({ kind: "grab", things, at: place(event) }, event);
    capture(event);
  }

  function press(event: PointerEvent) {
    if (event.button !== 0) return;
    if (drawing) {
      act({ kind: "start-draw", at: place(event) }, event);
      capture(event);
    } else if (event.pointerType !== "touch") {
      if (!event.shiftKey) desk.select([]);
      act({ kind: "start-marquee", at: place(event), click: null }, event);
      capture(event);
    }
  }

  function move(event: PointerEvent) {
    if (doing.kind === "idle" || (doing.kind === "marquee" && event.pointerType === "touch")) return;
    const next = act({ kind: "to", at: place(event) }, event);
    if (next.kind === "draw") {
      if (desk.tool && WITHOUT_PREVIEW.has(desk.tool.kind)) return;
      desk.tryOut(drawnChange({ start: next.start, end: next.end, area: next.now }));
      return;
    }
    const change = reshapes(layers, desk, underHand(next), beforeHand(next));
    if (change) desk.tryOut(change);
  }

  function release(event: PointerEvent) {
    if (doing.kind === "idle") return;
    if (doing.kind === "draw" && desk.tool?.kind === "slope") {
      desk.setSlopeLine({ from: doing.start, to: doing.end });
      desk.setTool(null);
    } else if (doing.kind === "draw" && desk.tool?.kind === "line") {
      desk.tool.drawn(doing.start, doing.end);
      if (!desk.tool.stays) desk.setTool(null);
    } else if (doing.kind === "draw" && desk.tool?.kind === "spot") {
      desk.tool.drawn(doing.end);
      desk.setTool(null);
    } else if (doing.kind === "draw") {
      draw(drawnChange({ start: doing.start, end: doing.end, area: doing.now }));
    } else if (doing.kind === "marquee") {
      const found = caught(doing, sceneAt(event));
      if (found.length > 0) desk.select([...new Set([...desk.selection, ...found])]);
    } else {
      const change = reshapes(layers, desk, underHand(doing), beforeHand(doing));
      if (change) desk.submit(change);
      else if (doing.kind !== "move" || doing.far) desk.tryOut(null);
    }
    act({ kind: "release" }, event);
  }

  /** What was drawn is kept and selected, so that its figures can be typed at once. */
  function draw(change: Change | null) {
    desk.setTool(null);
    if (!change) {
      desk.tryOut(null);
      return;
    }
    desk.submit(change);
    const put = putBy(change);
    if (put !== null) desk.select([put]);
  }

  useEffect(() => {
    if (doing.kind === "idle") return;
    const giveUp = (event: KeyboardEvent) => {
      if (event.key !== "Escape") return;
      setDoing(idle);
      desk.tryOut(null);
    };
    window.addEventListener("keydown", giveUp);
    return () => {
      window.removeEventListener("keydown", giveUp);
    };
  });

  /** The selected one of the two gives way, else the bed that the gap was measured from. */
  function typeGap(gap: Gap) {
    const other = gap.to !== undefined && desk.selection.has(gap.to);
    const id = other ? (gap.to ?? "") : gap.bed;
    const moving = desk.things.get(id);
    const start = toSheet(view, gap.start);
    const end = toSheet(view, gap.end);
    setTyping({
      label: `Gap from ${nameOf(desk, gap.bed)} to ${nameOf(desk, gap.to)}`,
      value: gap.distance,
      at: { x: (start.x + end.x) / 2, y: (start.y + end.y) / 2 },
      onCommit: (metres) => {
        if (!moving) return;
        const wider = (metres - gap.distance) / (gap.distance || 1);
        const away = other ? 1 : -1;
        const dx = (gap.end.x - gap.start.x) * wider * away;
        const dy = (gap.end.y - gap.start.y) * wider * away;
        commit(id, movedBy(moving.geometry, dx, dy));
      },
    });
  }

  function typeSize({ id, name, geometry }: Thing, side: "length" | "width") {
    if (geometry.kind !== "BOX") return;
    setTyping({
      label: `${side === "length" ? "Length" : "Width"} of ${name}`,
      value: geometry.outline[side],
      at: toSheet(view, geometry.outline.centre),
      onCommit: (metres) => {
        commit(id, { ...geometry, outline: stretched(geometry.outline, side === "length" ? 1 : 2, metres) });
      },
    });
  }

  function typeSide({ id, name, geometry }: Thing, side: number) {
    const found = sidesOf(geometry)[side];
    if (!found) return;
    const { from, to, length } = found;
    setTyping({
      label: `Side ${String(side + 1)} of ${name}`,
      value: length,
      at: toSheet(view, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }),
      onCommit: (metres) => {
        commit(id, withSide(geometry, side, metres));
      },
    });
  }

  function commit(id: string, geometry: Geometry) {
    const before = desk.things.get(id)?.geometry ?? geometry;
    const change = reshapes(layers, desk, new Map([[id, geometry]]), new Map([[id, before]]));
    if (change) desk.submit(change);
  }

  const handlers = useLatest({
    onPointerDown: grab,
    onKeyDown: onKeys,
    onFocus: (id: string) => {
      if (doing.kind === "idle" && !desk.selection.has(id) && !desk.things.get(id)?.under) desk.select([id]);
    },
    gap: typeGap,
    size: typeSize,
    side: typeSide,
  });
  const overlays = useMemo(() => (size ? overlaysOf(size) : []), [size]);
  const scene = size && { desk, view, size, pieces, hovered, overlays, typable: handlers };
  const { labels, things: labelled } = useLabels(scene, moved.size > 0);
  const written = new Set(labels.map(({ key }) => key));

  return (
    <div
      ref={frame}
      className={`relative h-full touch-none overflow-hidden bg-film ${drawing ? "cursor-crosshair" : ""}`}
      role="application"
      aria-label={words.sheetHelp}
      onPointerDown={press}
      onPointerMove={move}
      onPointerUp={release}
      onPointerCancel={() => {
        setDoing(idle);
        desk.tryOut(null);
      }}
      {...panHandlers}
    >
      {size && (
        <svg width={size.width} height={size.height} className="block select-none" data-testid="sheet">
          <Patterns />
          <Ground site={site} view={view} units={desk.units} />
          {layers.map(({ Draw }, index) => (
            <Draw key={index} view={view} moved={moved} selected={desk.selection} />
          ))}
          {moved.size === 0 &&
            gapsShown(desk, hovered)
              .filter((gap) => written.has(gapKey(gap)))
              .map((gap) => <GapLine key={gapKey(gap)} gap={gap} view={view} />)}
          <Unjudged view={view} pieces={pieces} />
          <Ghosts view={view} pieces={pieces} />
          <Sketch lines={desk.sketch} view={view} />
          {desk.step === "ground" && <SlopeLine view={view} />}
          <HitAreas
            things={order}
            moved={moved}
            labelOf={(thing) => labelOf(desk, thing)}
            selected={desk.selection}
            entry={(single ?? order.find(({ under }) => !under) ?? order[0])?.id}
            pieces={pieces}
            view={view}
            onPointerDown={handlers.onPointerDown}
            onKeyDown={handlers.onKeyDown}
            onFocus={handlers.onFocus}
            onHover={setHovered}
          />
          <Labels
            labels={moved.size > 0 ? labels.filter(({ key }) => !key.startsWith("gap ")) : labels}
            moved={moved}
            things={labelled}
            pieces={pieces}
            view={view}
            onHover={setHovered}
          />
          <Transients doing={doing} line={drawsLine(desk)} view={view} size={size} units={desk.units} />
          {single && doing.kind !== "move" && doing.kind !== "corner" && (
            <Handles
              thing={{ ...single, geometry: moved.get(single.id) ?? single.geometry }}
              view={view}
              pieces={pieces}
              onGrab={(action, event) => {
                act(action, event);
                capture(event);
              }}
            />
          )}
        </svg>
      )}
      <SheetOverlay control={control} view={view} />
      {typing && (
        <TypeHere
          typing={typing}
          units={desk.units}
          onDone={() => {
            setTyping(null);
          }}
        />
      )}
    </div>
  );
}

/** What the pointer is on, and for a while what it was on, so that one gets to the figures beside it. */
function useLingering(milliseconds: number): [string | null, (id: string | null | undefined) => void] {
  const [held, setHeld] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const hold = useCallback(
    (id: string | null | undefined) => {
      clearTimeout(timer.current);
      // Undefined keeps what there is.
      if (id === null) {
        timer.current = setTimeout(() => {
          setHeld(null);
        }, milliseconds);
      } else if (id !== undefined) setHeld(id);
    },
    [milliseconds],
  );
  return [held, hold];
}

/** The same functions for as long as the part is there; each calls the one of the last rendering. */
function useLatest<T extends Record<string, (...given: never[]) => void>>(functions: T): T {
  const latest = useRef(functions);
  useEffect(() => {
    latest.current = functions;
  });
  const stable = useCallback((name: keyof T) => {
    return (...given: never[]) => {
      latest.current[name]?.(...given);
    };
  }, []);
  return useMemo(
    () => Object.fromEntries(Object.keys(latest.current).map((name) => [name, stable(name)])) as unknown as T,
    [stable],
  );
}

/** The id of the thing that an edit puts there. */
function putBy(change: Change): string | null {
  const put = Object.values(change).find(
    (value): value is { id: string } => typeof value === "object" && value !== null && "id" in value,
  );
  return put?.id ?? null;
}

/** What is read out of a thing. */
function labelOf(desk: Desk, { id, name, kind, geometry }: Thing): string {
  const flaws = desk.snagsOf.get(id)?.length ?? 0;
  const length = (metres: number) => formatLength(metres, desk.units);
  switch (geometry.kind) {
    case "BOX":
      return bedLabel(name, length(geometry.outline.length), length(geometry.outline.width), flaws);
    case "OPENING":
      return `${name}, ${kind}, ${length(geometry.width)} wide`;
    default:
      return `${name}, ${kind}`;
  }
}

/** Tools whose edit is made by whoever asked for the place or the line. */
const WITHOUT_PREVIEW: ReadonlySet<Tool["kind"]> = new Set(["slope", "line", "spot"]);

/** Whether the tool in hand draws from a place to another, and not the rectangle between. */
function drawsLine({ tool, catalogue }: Desk): boolean {
  if (tool && WITHOUT_PREVIEW.has(tool.kind)) return true;
  return (
    tool?.kind === "feature" && catalogue.features.find((f) => f.kind === tool.feature)?.extent === "LINE"
  );
}
