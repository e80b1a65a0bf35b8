import type { Point, Rectangle } from "../api/types";
import {
  at,
  axis,
  boundsOf,
  corners,
  overlaps,
  shifted,
  spanning,
  stretched,
  tidy,
  type Bounds,
  type Edge,
} from "./geometry";
import { fromLowerLeft } from "./outline";
import { snap, snapSize, type Snapped, type Surroundings } from "./snapping";

/*
 * What the pointer is doing on the sheet, as a pure reducer: places in metres on the ground come in, outlines under the hand go out.
 */

export type Outlines = ReadonlyMap<string, Rectangle>;
type Guides = Snapped["guides"];

export type Interaction =
  | { kind: "idle" }
  | { kind: "move"; start: Point; before: Outlines; now: Outlines; guides: Guides; far: boolean }
  | { kind: "stretch"; bed: string; edge: Edge; before: Rectangle; now: Rectangle }
  | { kind: "turn"; bed: string; before: Rectangle; now: Rectangle }
  | {
      kind: "corner";
      bed: string;
      corner: number;
      outline: Rectangle;
      before: readonly Point[];
      now: readonly Point[];
    }
  | { kind: "draw"; start: Point; end: Point; now: Rectangle | null }
  | { kind: "marquee"; start: Point; end: Point };

export interface Scene {
  /** Every bed that stands, as it is drawn. */
  outlines: Outlines;
  plot: Bounds;
  step: number;
  tolerance: number;
  /** Snapping set aside while a key is held. */
  free: boolean;
}

export type Action =
  | { kind: "grab"; beds: readonly string[]; at: Point }
  | { kind: "grab-edge"; bed: string; edge: Edge }
  | { kind: "grab-turn"; bed: string }
  | { kind: "grab-corner"; bed: string; corner: number; outline: Rectangle; places: readonly Point[] }
  | { kind: "start-draw"; at: Point }
  | { kind: "start-marquee"; at: Point }
  | { kind: "to"; at: Point }
  | { kind: "release" };

/** Below this nothing has been dragged, pixels turned into metres by the caller's tolerance. */
const SLOP_IN_TOLERANCES = 0.5;
const TURN_STEP = 5;

export const idle: Interaction = { kind: "idle" };

export function interact(state: Interaction, action: Action, scene: Scene): Interaction {
  switch (action.kind) {
    case "grab":
      return grab(action.beds, action.at, scene);
    case "grab-edge":
      return withOutline(scene, action.bed, (before) => ({
        kind: "stretch",
        bed: action.bed,
        edge: action.edge,
        before,
        now: before,
      }));
    case "grab-turn":
      return withOutline(scene, action.bed, (before) => ({
        kind: "turn",
        bed: action.bed,
        before,
        now: before,
      }));
    case "grab-corner": {
      const { bed, corner, outline, places } = action;
      return { kind: "corner", bed, corner, outline, before: places, now: places };
    }
    case "start-draw":
      return {
        kind: "draw",
        start: onGrid(action.at, scene),
        end: onGrid(action.at, scene),
        now: null,
      };
    case "start-marquee":
      return { kind: "marquee", start: action.at, end: action.at };
    case "to":
      return to(state, action.at, scene);
    case "release":
      return idle;
  }
}

/** Outlines that differ from the plan's while something is dragged. */
export function underHand(state: Interaction): Outlines {
  if (state.kind === "move") return state.now;
  if (state.kind === "stretch" || state.kind === "turn") return new Map([[state.bed, state.now]]);
  return new Map();
}

/** The beds that a marquee touches. */
export function caught(state: Interaction, outlines: Outlines): string[] {
  if (state.kind !== "marquee") return [];
  const area = boundsOf([state.start, state.end]);
  return [...outlines].filter(([, o]) => overlaps(area, boundsOf(corners(o)))).map(([bed]) => bed);
}

function grab(beds: readonly string[], start: Point, scene: Scene): Interaction {
  const before = new Map([...scene.outlines].filter(([bed]) => beds.includes(bed)));
  return { kind: "move", start, before, now: before, guides: [], far: false };
}

function withOutline(scene: Scene, bed: string, make: (before: Rectangle) => Interaction): Interaction {
  const before = scene.outlines.get(bed);
  return before ? make(before) : idle;
}

function to(state: Interaction, place: Point, scene: Scene): Interaction {
  switch (state.kind) {
    case "move":
      return moved(state, place, scene);
    case "stretch":
      return { ...state, now: stretchedTo(state.before, state.edge, place, scene) };
    case "turn":
      return { ...state, now: turnedTo(state.before, place, scene) };
    case "corner": {
      const moved = fromLowerLeft(onGrid(place, scene), state.outline);
      return {
        ...state,
        now: state.before.map((corner, index) => (index === state.corner ? moved : corner)),
      };
    }
    case "draw": {
      const end = onGrid(place, scene);
      const now = spanning(state.start, end);
      return { ...state, end, now: now.length > 0 && now.width > 0 ? now : null };
    }
    case "marquee":
      return { ...state, end: place };
    case "idle":
      return state;
  }
}

function moved(state: Extract<Interaction, { kind: "move" }>, place: Point, scene: Scene): Interaction {
  const dx = place.x - state.start.x;
  const dy = place.y - state.start.y;
  const far = state.far || Math.hypot(dx, dy) > scene.tolerance * SLOP_IN_TOLERANCES;
  if (!far) return state;
  const raw = boundsOf([...state.before.values()].flatMap((o) => corners(shifted(o, dx, dy))));
  const snapped = scene.free ? { dx: 0, dy: 0, guides: [] } : snap(raw, surroundings(scene, state.before));
  const now = new Map(
    [...state.before].map(([bed, o]) => [bed, shifted(o, dx + snapped.dx, dy + snapped.dy)]),
  );
  return { ...state, now, guides: snapped.guides, far };
}

function surroundings(scene: Scene, moving: Outlines): Surroundings {
  const others = [...scene.outlines].filter(([bed]) => !moving.has(bed)).map(([, o]) => boundsOf(corners(o)));
  return { others, plot: scene.plot, step: scene.step, tolerance: scene.tolerance };
}

function stretchedTo(before: Rectangle, edge: Edge, place: Point, scene: Scene): Rectangle {
  const [ax, ay] = axis(before.turn);
  const dx = place.x - before.centre.x;
  const dy = place.y - before.centre.y;
  const along = dx * ax + dy * ay;
  const across = dy * ax - dx * ay;
  const outward = [-across, along, across, -along][edge] ?? 0;
  const half = (edge % 2 === 0 ? before.width : before.length) / 2;
  const size = Math.max(outward + half, scene.step / 2);
  return stretched(before, edge, scene.free ? size : snapSize(size, scene.step));
}

function turnedTo(before: Rectangle, place: Point, scene: Scene): Rectangle {
  const top = at(before, 0, 1);
  const from = Math.atan2(top.x - before.centre.x, top.y - before.centre.y);
  const towards = Math.atan2(place.x - before.centre.x, place.y - before.centre.y);
  const turn = before.turn + ((towards - from) * 180) / Math.PI;
  const stepped = scene.free ? Math.round(turn * 10) / 10 : Math.round(turn / TURN_STEP) * TURN_STEP;
  return { ...before, turn: ((stepped % 360) + 360) % 360 };
}

function onGrid(place: Point, scene: Scene): Point {
  if (scene.free) return { x: tidy(place.x), y: tidy(place.y) };
  const line = (value: number, origin: number) =>
    tidy(origin + Math.round((value - origin) / scene.step) * scene.step);
  return { x: line(place.x, scene.plot.left), y: line(place.y, scene.plot.bottom) };
}
