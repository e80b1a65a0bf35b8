import type { Point, Rectangle } from "../api/types";
import { onBoundary, sideAt, thereAndBack } from "./boundary";
import { boundsOf, corners, isSame, shifted, tidy, turned, type Bounds } from "./geometry";
import { fitted, fromLowerLeft, onDrawing } from "./outline";

/*
 * What can be picked up on the sheet, whatever it is: by its geometry it is moved, stretched, turned and typed. Places are metres on the
 * ground.
 */

/** What stands on four sides; with corners of its own, measured from the lower left of its rectangle along its sides. */
export interface Box {
  kind: "BOX";
  outline: Rectangle;
  corners: readonly Point[] | null;
}

/** What goes through places: round an area, or along a line. */
export interface Places {
  kind: "PLACES";
  places: readonly Point[];
  closed: boolean;
}

/** What is at one place, as far round it as it takes up, metres. */
export interface Spot {
  kind: "SPOT";
  place: Point;
  radius: number;
}

/** What opens the edge of the plot, or a line on it: its middle lies on the edge or the line. */
export interface Opening {
  kind: "OPENING";
  place: Point;
  width: number;
  /** The line that it opens; without it the edge of the plot. */
  line?: readonly Point[];
}

export type Geometry = Box | Places | Spot | Opening;

export type Geometries = ReadonlyMap<string, Geometry>;

/** One thing of the sheet. */
export interface Thing {
  id: string;
  name: string;
  /** What kind of thing it is, in a gardener's word. */
  kind: string;
  geometry: Geometry;
  /** The corners of a box that is not square, as they are on the ground. */
  shape?: readonly Point[];
  /** Other things stand on it: it is picked up only once it has been selected. */
  under: boolean;
}

/** The things of a moment; those that are as they were before are the same objects, so that they needn't be drawn anew. */
export function asBefore(
  before: ReadonlyMap<string, Thing>,
  now: readonly Thing[],
): ReadonlyMap<string, Thing> {
  const things = now.map((thing) => {
    const was = before.get(thing.id);
    return was && isSameThing(was, thing) ? was : thing;
  });
  const same = before.size === things.length && things.every((thing) => before.get(thing.id) === thing);
  return same ? before : new Map(things.map((thing) => [thing.id, thing]));
}

function isSameThing(a: Thing, b: Thing): boolean {
  return (
    a.name === b.name &&
    a.kind === b.kind &&
    a.under === b.under &&
    isSameGeometry(a.geometry, b.geometry) &&
    samePlaces(a.shape ?? [], b.shape ?? [])
  );
}

/** A piece of the edge of the plot. */
export type Pieces = readonly (readonly Point[])[];

/** The places that a thing is known by: corners, vertices, or where it is; of an opening its two ends. */
export function placesOf(geometry: Geometry, pieces: Pieces): readonly Point[] {
  switch (geometry.kind) {
    case "BOX":
      return geometry.corners ? onDrawing(geometry.corners, geometry.outline) : corners(geometry.outline);
    case "PLACES":
      return geometry.places;
    case "SPOT":
      return [geometry.place];
    case "OPENING": {
      const { place, width } = geometry;
      const side = sideAt(openedBy(geometry, pieces), place);
      return [-0.5, 0.5].map((half) => ({
        x: place.x + side.x * width * half,
        y: place.y + side.y * width * half,
      }));
    }
  }
}

/** What an opening lies in. */
function openedBy({ line }: Opening, pieces: Pieces): Pieces {
  return line ? [thereAndBack(line)] : pieces;
}

/** Where its edge runs: of a box that is not square along its own corners, of a line through its places. */
export function edgeOf({ geometry: was, shape }: Thing, now: Geometry, pieces: Pieces): readonly Point[] {
  if (shape && was.kind === "BOX" && now.kind === "BOX" && now.corners === was.corners) {
    return fitted(shape, was.outline, now.outline);
  }
  return placesOf(now, pieces);
}

/** The upright rectangle round it. */
export function boundsOfThing(geometry: Geometry, pieces: Pieces): Bounds {
  const bounds = boundsOf(placesOf(geometry, pieces));
  if (geometry.kind !== "SPOT") return bounds;
  const { left, right, bottom, top } = bounds;
  const { radius } = geometry;
  return { left: left - radius, right: right + radius, bottom: bottom - radius, top: top + radius };
}

/** The middle of the rectangle round it. */
export function middleOf(geometry: Geometry, pieces: Pieces): Point {
  const { left, right, bottom, top } = boundsOfThing(geometry, pieces);
  return { x: (left + right) / 2, y: (bottom + top) / 2 };
}

/** An opening may leave the edge so; `settled` brings it back. */
export function movedBy(geometry: Geometry, dx: number, dy: number): Geometry {
  switch (geometry.kind) {
    case "BOX":
      return { ...geometry, outline: shifted(geometry.outline, dx, dy) };
    case "PLACES":
      return { ...geometry, places: geometry.places.map((place) => shiftedPoint(place, dx, dy)) };
    case "SPOT":
    case "OPENING":
      return { ...geometry, place: shiftedPoint(geometry.place, dx, dy) };
  }
}

/** A click within this of a side's middle sets an opening into the middle, metres. */
export const MIDDLE_TOLERANCE = 0.2;

/** The same, an opening on the edge of the plot or on its line. */
export function settled(geometry: Geometry, pieces: Pieces, step: number): Geometry {
  return geometry.kind === "OPENING"
    ? { ...geometry, place: onBoundary(openedBy(geometry, pieces), geometry.place, step, MIDDLE_TOLERANCE) }
    : geometry;
}

/** Turned clockwise about its own middle; what is at one place has nothing to turn. */
export function turnedBy(geometry: Geometry, degrees: number): Geometry {
  if (geometry.kind === "BOX") return { ...geometry, outline: turned(geometry.outline, degrees) };
  if (geometry.kind !== "PLACES") return geometry;
  const { left, right, bottom, top } = boundsOf(geometry.places);
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  const radians = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(radians), Math.sin(radians)];
  const places = geometry.places.map(({ x, y }) => ({
    x: tidy(middle.x + (x - middle.x) * cos + (y - middle.y) * sin),
    y: tidy(middle.y - (x - middle.x) * sin + (y - middle.y) * cos),
  }));
  return { ...geometry, places };
}

/** The places by which a thing is bent, one by one; none where its form makes them. */
export function cornersOf(geometry: Geometry): readonly Point[] {
  if (geometry.kind === "PLACES") return geometry.places;
  return geometry.kind === "BOX" && geometry.corners ? onDrawing(geometry.corners, geometry.outline) : [];
}

/** With one of those places elsewhere; the others stay where they are on the ground. */
export function withCornerAt(geometry: Geometry, corner: number, place: Point): Geometry {
  const put = (places: readonly Point[], at: Point) =>
    places.map((other, index) => (index === corner ? at : other));
  if (geometry.kind === "PLACES") return { ...geometry, places: put(geometry.places, place) };
  if (geometry.kind !== "BOX" || !geometry.corners) return geometry;
  return { ...geometry, corners: put(geometry.corners, fromLowerLeft(place, geometry.outline)) };
}

/** With another place on the way from a corner to the next. */
export function withCornerAfter(geometry: Geometry, corner: number): Geometry {
  if (geometry.kind !== "PLACES") return geometry;
  const { places } = geometry;
  const from = places[corner];
  const to = places[(corner + 1) % places.length];
  if (!from || !to) return geometry;
  const between = { x: tidy((from.x + to.x) / 2), y: tidy((from.y + to.y) / 2) };
  return { ...geometry, places: [...places.slice(0, corner + 1), between, ...places.slice(corner + 1)] };
}

/** The sides between its places, each with its length; an area is closed. */
export function sidesOf(geometry: Geometry): { from: Point; to: Point; length: number }[] {
  if (geometry.kind !== "PLACES") return [];
  const { places, closed } = geometry;
  return places.flatMap((from, index) => {
    const to = index + 1 < places.length ? places[index + 1] : closed ? places[0] : undefined;
    return to ? [{ from, to, length: Math.hypot(to.x - from.x, to.y - from.y) }] : [];
  });
}

/** With a side of another length: what comes after it on a line goes along, of an area one corner. */
export function withSide(geometry: Geometry, side: number, length: number): Geometry {
  const found = sidesOf(geometry)[side];
  if (geometry.kind !== "PLACES" || !found || found.length === 0) return geometry;
  const { from, to } = found;
  const longer = (length - found.length) / found.length;
  const [dx, dy] = [(to.x - from.x) * longer, (to.y - from.y) * longer];
  const { places, closed } = geometry;
  const moves = (index: number) => (closed ? index === (side + 1) % places.length : index > side);
  return {
    ...geometry,
    places: places.map((place, index) => (moves(index) ? shiftedPoint(place, dx, dy) : place)),
  };
}

export function isSameGeometry(a: Geometry, b: Geometry): boolean {
  if (a.kind === "BOX" && b.kind === "BOX") {
    return isSame(a.outline, b.outline) && samePlaces(a.corners ?? [], b.corners ?? []);
  }
  if (a.kind === "PLACES" && b.kind === "PLACES") {
    return samePlaces(a.places, b.places) && a.closed === b.closed;
  }
  if (a.kind === "OPENING" && b.kind === "OPENING") {
    return samePlaces([a.place], [b.place]) && a.width === b.width;
  }
  return a.kind === "SPOT" && b.kind === "SPOT" && samePlaces([a.place], [b.place]) && a.radius === b.radius;
}

function samePlaces(a: readonly Point[], b: readonly Point[]): boolean {
  return a.length === b.length && a.every(({ x, y }, index) => x === b[index]?.x && y === b[index].y);
}

function shiftedPoint({ x, y }: Point, dx: number, dy: number): Point {
  return { x: tidy(x + dx), y: tidy(y + dy) };
}

/** Nearer than this to the same height things are in one row, metres. */
const ROW = 0.4;

/** As one reads the sheet: from the top row down, each from left to right. */
export function inReadingOrder(things: Iterable<Thing>, pieces: Pieces): Thing[] {
  const placed = [...things].map((thing) => ({ thing, ...middleOf(thing.geometry, pieces) }));
  placed.sort((a, b) => b.y - a.y);
  const rows: (typeof placed)[] = [];
  for (const each of placed) {
    const row = rows.at(-1);
    const first = row?.[0];
    if (row && first && first.y - each.y < ROW) row.push(each);
    else rows.push([each]);
  }
  return rows.flatMap((row) => row.sort((a, b) => a.x - b.x).map(({ thing }) => thing));
}
