import type { Point, Rectangle } from "../api/types";
import { at, axis, boundsOf, overlaps, spanning, stretched, tidy, type Bounds, type Edge } from "./geometry";
import { snap, snapSize, type Snapped, type Surroundings } from "./snapping";
import {
  boundsOfThing,
  movedBy,
  placesOf,
  settled,
  withCornerAfter,
  withCornerAt,
  type Box,
  type Geometries,
  type Geometry,
  type Opening,
  type Pieces,
} from "./things";

/*
 * What the pointer is doing on the sheet, as a pure reducer: places in metres on the ground come in, geometries under the hand go out.
 */

type Guides = Snapped["guides"];

export type Interaction =
  | { kind: "idle" }
  | { kind: "move"; start: Point; before: Geometries; now: Geometries; guides: Guides; far: boolean }
  | { kind: "stretch"; thing: string; edge: Edge; before: Box; now: Box }
  | { kind: "turn"; thing: string; before: Box; now: Box }
  | { kind: "widen"; thing: string; before: Opening; now: Opening }
  | { kind: "corner"; thing: string; corner: number; before: Geometry; now: Geometry }
  | { kind: "draw"; start: Point; end: Point; now: Rectangle | null }
  /** Without a drag it is a click on the thing that lies under there. */
  | { kind: "marquee"; start: Point; end: Point; click: string | null };

export interface Scene {
  /** Everything that is there, as it is drawn. */
  things: Geometries;
  /** The edge of the plot. */
  pieces: Pieces;
  step: number;
  tolerance: number;
  /** Snapping set aside while a key is held. */
  free: boolean;
}

export type Action =
  | { kind: "grab"; things: readonly string[]; at: Point }
  | { kind: "grab-edge"; thing: string; edge: Edge }
  | { kind: "grab-turn"; thing: string }
  | { kind: "grab-end"; thing: string }
  | { kind: "grab-corner"; thing: string; corner: number }
  /** A new corner on the way to the next one. */
  | { kind: "grab-side"; thing: string; corner: number }
  | { kind: "start-draw"; at: Point }
  | { kind: "start-marquee"; at: Point; click: string | null }
  | { kind: "to"; at: Point }
  | { kind: "release" };

/** Below this nothing has been dragged, pixels turned into metres by the caller's tolerance. */
const SLOP_IN_TOLERANCES = 0.5;
const TURN_STEP = 5;

export const idle: Interaction = { kind: "idle" };

export function interact(state: Interaction, action: Action, scene: Scene): Interaction {
  switch (action.kind) {
    case "grab":
      return grab(action.things, action.at, scene);
    case "grab-edge":
    case "grab-turn":
    case "grab-end":
    case "grab-corner":
    case "grab-side":
      return byHandle(action, scene);
    case "start-draw": {
      const start = onGrid(action.at, scene);
      return { kind: "draw", start, end: start, now: null };
    }
    case "start-marquee":
      return { kind: "marquee", start: action.at, end: action.at, click: action.click };
    case "to":
      return to(state, action.at, scene);
    case "release":
      return idle;
  }
}

/** Geometries that differ from the plan's while something is dragged. */
export function underHand(state: Interaction): Geometries {
  switch (state.kind) {
    case "move":
      return state.now;
    case "stretch":
    case "turn":
    case "widen":
    case "corner":
      return new Map([[state.thing, state.now]]);
    default:
      return NOTHING;
  }
}

/** What those were when they were taken in hand. */
export function beforeHand(state: Interaction): Geometries {
  switch (state.kind) {
    case "move":
      return state.before;
    case "stretch":
    case "turn":
    case "widen":
    case "corner":
      return new Map([[state.thing, state.before]]);
    default:
      return NOTHING;
  }
}

const NOTHING: Geometries = new Map();

/** The things that a marquee touches; a click catches the one that lies there. */
export function caught(state: Interaction, scene: Pick<Scene, "things" | "pieces" | "tolerance">): string[] {
  if (state.kind !== "marquee") return [];
  const { start, end, click } = state;
  const far = Math.hypot(end.x - start.x, end.y - start.y) > scene.tolerance * SLOP_IN_TOLERANCES;
  if (!far) return click === null ? [] : [click];
  const area = boundsOf([start, end]);
  return [...scene.things]
    .filter(([, geometry]) => overlaps(area, boundsOfThing(geometry, scene.pieces)))
    .map(([id]) => id);
}

function grab(things: readonly string[], start: Point, scene: Scene): Interaction {
  const before = new Map([...scene.things].filter(([id]) => things.includes(id)));
  return { kind: "move", start, before, now: before, guides: [], far: false };
}

type OnHandle = Extract<Action, { thing: string }>;

function byHandle(action: OnHandle, { things }: Scene): Interaction {
  const { thing } = action;
  const before = things.get(thing);
  if (!before) return idle;
  if (action.kind === "grab-corner") {
    return { kind: "corner", thing, corner: action.corner, before, now: before };
  }
  if (action.kind === "grab-side") {
    return {
      kind: "corner",
      thing,
      corner: action.corner + 1,
      before,
      now: withCornerAfter(before, action.corner),
    };
  }
  if (action.kind === "grab-end") {
    return before.kind === "OPENING" ? { kind: "widen", thing, before, now: before } : idle;
  }
  if (before.kind !== "BOX") return idle;
  return action.kind === "grab-edge"
    ? { kind: "stretch", thing, edge: action.edge, before, now: before }
    : { kind: "turn", thing, before, now: before };
}

function to(state: Interaction, place: Point, scene: Scene): Interaction {
  switch (state.kind) {
    case "move":
      return moved(state, place, scene);
    case "stretch": {
      const outline = stretchedTo(state.before.outline, state.edge, place, scene);
      return { ...state, now: { ...state.now, outline } };
    }
    case "turn":
      return { ...state, now: { ...state.now, outline: turnedTo(state.before.outline, place, scene) } };
    case "widen":
      return { ...state, now: widenedTo(state.before, place, scene) };
    case "corner":
      return { ...state, now: withCornerAt(state.now, state.corner, onGrid(place, scene)) };
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
  const snapped = scene.free ? { dx: 0, dy: 0, guides: [] } : snapOf(state.before, dx, dy, scene);
  const step = scene.free ? FINEST_STEP : scene.step;
  const now = new Map(
    [...state.before].map(([id, geometry]) => [
      id,
      settled(movedBy(geometry, dx + snapped.dx, dy + snapped.dy), scene.pieces, step),
    ]),
  );
  return { ...state, now, guides: snapped.guides, far };
}

/** Along the edge of the plot while snapping is set aside, metres. */
const FINEST_STEP = 0.001;

/** What is only in the edge of the plot snaps along that, and to nothing else. */
function snapOf(before: Geometries, dx: number, dy: number, scene: Scene): Snapped {
  const moving = [...before.values()].filter(({ kind }) => kind !== "OPENING");
  if (moving.length === 0) return { dx: 0, dy: 0, guides: [] };
  const raw = boundsAround(moving.map((geometry) => movedBy(geometry, dx, dy)));
  return snap(raw, surroundings(scene, before));
}

/** Round the places by which things are lined up: a tree by its trunk's middle. */
function boundsAround(geometries: readonly Geometry[]): Bounds {
  return boundsOf(geometries.flatMap((geometry) => placesOf(geometry, [])));
}

function surroundings(scene: Scene, moving: Geometries): Surroundings {
  const others = [...scene.things]
    .filter(([id, { kind }]) => !moving.has(id) && kind !== "OPENING")
    .map(([, geometry]) => boundsOf(placesOf(geometry, scene.pieces)));
  const plot = boundsOf(scene.pieces.flat());
  return { others, plot, step: scene.step, tolerance: scene.tolerance };
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

/** Its middle stays: both ends go apart. */
function widenedTo(before: Opening, place: Point, scene: Scene): Opening {
  const half = Math.hypot(place.x - before.place.x, place.y - before.place.y);
  const width = Math.max(2 * half, scene.step);
  return { ...before, width: tidy(scene.free ? width : snapSize(width, scene.step)) };
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
  const { left, bottom } = boundsOf(scene.pieces.flat());
  const line = (value: number, origin: number) =>
    tidy(origin + Math.round((value - origin) / scene.step) * scene.step);
  return { x: line(place.x, left), y: line(place.y, bottom) };
}
