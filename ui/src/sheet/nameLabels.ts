import type { Point } from "../api/types";
import { at, boundsOf } from "./geometry";
import { roundAbout, type Label, type LabelForm } from "./labels";
import { textWidth } from "./textWidth";
import {
  placesOf,
  type Box,
  type Geometry,
  type Opening,
  type Pieces,
  type Places,
  type Thing,
} from "./things";
import { toSheet, type View } from "./view";

const USUAL = 13;
const SMALL = 11;
const SMALLEST = 10;
/** Of many beds on a small sheet; a larger zoom has larger letters. */
const TINY = 9;
/** A bed this high on the sheet has room for a figure under its name, pixels. */
const ROOM_FOR_NOTE = 46;
/** From the middle of a name beside a thing to the thing, in heights of its letters. */
const BESIDE = 0.8;
/** A name this far off needs a leader, pixels. */
const FAR_OFF = [26, 40, 56, 74];

interface Named extends Pick<Thing, "id" | "name" | "geometry"> {
  /** Written under the name where there is room. */
  note: string;
  rank: number;
}

/** The name of a thing: within it, else beside it, else with a leader. */
export function nameLabel(thing: Named, view: View, pieces: Pieces): Label {
  return {
    key: `name ${thing.id}`,
    thing: thing.id,
    tone: thing.geometry.kind === "BOX" ? "name" : "soft",
    rank: thing.rank,
    forms: formsOf(thing, thing.geometry, view, pieces),
  };
}

function formsOf(thing: Named, geometry: Geometry, view: View, pieces: Pieces): LabelForm[] {
  const { name, note } = thing;
  switch (geometry.kind) {
    case "BOX":
      return boxForms(name, note, geometry, view, pieces);
    case "PLACES":
      return geometry.closed
        ? [...inArea(name, geometry, view), ...beside(name, geometry, view, pieces)]
        : alongLine(name, geometry, view);
    case "SPOT":
      return roundSpot(name, toSheet(view, geometry.place), Math.max(10, geometry.radius * view.scale));
    case "OPENING":
      return atOpening([`${name} ${note}`], geometry, view, pieces);
  }
}

/** Where there is room for neither the name nor as much of it as tells, the number that it ends with. */
function boxForms(name: string, note: string, box: Box, view: View, pieces: Pieces): LabelForm[] {
  const number = /\d+$/.exec(name)?.[0];
  return [
    ...within(name, note, box, view),
    ...beside(name, box, view, pieces),
    ...(number === undefined || number === name
      ? []
      : [...within(number, "", box, view), ...beside(number, box, view, pieces)]),
    cut(name, box, view),
  ];
}

/** Along the longer side, in one line or two, the letters smaller at need. */
function within(name: string, note: string, { outline }: Box, view: View): LabelForm[] {
  const { long, short, turn } = written(outline);
  // In the middle, else somewhat along or across.
  const places = [
    [0, 0],
    [0, 0.28],
    [0, -0.28],
    [0.27, 0],
    [-0.27, 0],
  ].map(([along = 0, across = 0]) => toSheet(view, onLonger(outline, along, across)));
  const fits = ({ lines, size }: { lines: readonly string[]; size: number }) =>
    Math.max(...lines.map((line) => textWidth(line, size, "bold"))) < long * view.scale &&
    lines.length * size * 1.25 < short * view.scale;
  const noted =
    note !== "" && short * view.scale >= ROOM_FOR_NOTE
      ? [{ lines: [name, note], size: USUAL, noted: true }]
      : [];
  const two = inTwoLines(name);
  return [
    ...noted,
    { lines: [name], size: USUAL },
    ...(two ? [{ lines: two, size: USUAL - 1 }] : []),
    { lines: [name], size: SMALL },
    ...(two ? [{ lines: two, size: SMALLEST }] : []),
    { lines: [name], size: SMALLEST },
    { lines: [name], size: TINY },
  ]
    .filter(fits)
    .flatMap((form) => places.map((at) => ({ ...form, at, turn })));
}

/** A place by shares of the longer and the shorter side from the middle. */
function onLonger(outline: Box["outline"], along: number, across: number): Point {
  const lying = outline.length >= outline.width;
  const [a, b] = lying ? [along, across] : [across, along];
  return at(outline, a * outline.length, b * outline.width);
}

/** As much of the name as there is room for. */
function cut(name: string, { outline }: Box, view: View): LabelForm {
  const { long, turn } = written(outline);
  let letters = name.length - 1;
  const shortened = () => `${name.slice(0, letters).trimEnd()}…`;
  while (letters > 2 && textWidth(shortened(), SMALLEST, "bold") + 6 > long * view.scale) letters--;
  return { lines: [shortened()], size: SMALLEST, at: toSheet(view, outline.centre), turn };
}

/** How something is written along the longer side of a rectangle. */
function written({ length, width, turn }: Box["outline"]) {
  const upright = turn % 180 > 45 && turn % 180 < 135;
  const lying = length >= width;
  return {
    long: Math.max(length, width),
    short: Math.min(length, width),
    turn: readable(turn + (lying ? 0 : upright ? -90 : 90)),
  };
}

/** The same line, turned so that it is read from below or from the right. */
export function readable(turn: number): number {
  const half = ((turn % 180) + 180) % 180;
  return half > 90 ? half - 180 : half === 90 ? -90 : half;
}

/** Parted at the space nearest to the middle; null for a single word. */
function inTwoLines(name: string): [string, string] | null {
  const middle = name.length / 2;
  const spaces = [...name.matchAll(/ /g)].map(({ index }) => index);
  const [best] = spaces.sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle));
  return best === undefined ? null : [name.slice(0, best), name.slice(best + 1)];
}

/** Above, below, at the sides of the rectangle round it, then further off. */
function beside(name: string, geometry: Box | Places, view: View, pieces: Pieces): LabelForm[] {
  const { left, right, top, bottom } = boundsOnSheet(placesOf(geometry, pieces), view);
  const half = textWidth(name, SMALL, "bold") / 2 + 5;
  const off = SMALL * BESIDE + 3;
  const middle = { x: (left + right) / 2, y: (top + bottom) / 2 };
  const near = [
    { x: middle.x, y: top - off },
    { x: middle.x, y: bottom + off },
    { x: right + half, y: middle.y },
    { x: left - half, y: middle.y },
  ].map((at) => ({ at }));
  const anchor = { x: middle.x, y: middle.y };
  const further = FAR_OFF.map((distance) => distance + (bottom - top) / 2);
  return [...near, ...roundAbout(anchor, further)].map((place) => ({
    lines: [name],
    size: SMALL,
    turn: 0,
    ...place,
  }));
}

/** In the middle of the area if it is wide enough there, across or upright. */
function inArea(name: string, { places }: Places, view: View): LabelForm[] {
  const { left, right, top, bottom } = boundsOnSheet(places, view);
  const middle = { x: (left + right) / 2, y: (top + bottom) / 2 };
  const long = textWidth(name, SMALL, "plain") + 6;
  const lying = right - left > long && bottom - top > SMALL;
  const upright = bottom - top > long && right - left > SMALL;
  const spread = [0, -0.3, 0.3].flatMap((share) => [
    ...(lying ? [{ at: { x: middle.x + share * (right - left), y: middle.y }, turn: 0 }] : []),
    ...(upright ? [{ at: { x: middle.x, y: middle.y + share * (bottom - top) }, turn: -90 }] : []),
  ]);
  return spread.map((place) => ({ lines: [name], size: SMALL, ...place }));
}

/** On either side of the line's longest piece, along it. */
function alongLine(name: string, { places }: Places, view: View): LabelForm[] {
  const points = places.map((place) => toSheet(view, place));
  const pieces = points.slice(1).map((to, index) => {
    const from = points[index] ?? to;
    return { from, to, length: Math.hypot(to.x - from.x, to.y - from.y) };
  });
  const [longest] = pieces.sort((a, b) => b.length - a.length);
  if (!longest || longest.length === 0) return [];
  const { from, to, length } = longest;
  const turn = readable((Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI);
  const normal = { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
  const forms = [0.5, 0.25, 0.75].flatMap((share) =>
    [1, -1].map((side) => ({
      at: {
        x: from.x + (to.x - from.x) * share + normal.x * side * SMALL * 1.2,
        y: from.y + (to.y - from.y) * share + normal.y * side * SMALL * 1.2,
      },
      turn,
    })),
  );
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const flat = roundAbout(middle, FAR_OFF).map((place) => ({ ...place, turn: 0 }));
  return [...forms, ...flat].map((place) => ({ lines: [name], size: SMALL, ...place }));
}

function roundSpot(name: string, at: Point, radius: number): LabelForm[] {
  const half = textWidth(name, SMALL, "plain") / 2 + 3;
  const off = radius + SMALL * BESIDE;
  const near = [
    { x: at.x + radius + half, y: at.y },
    { x: at.x - radius - half, y: at.y },
    { x: at.x, y: at.y - off },
    { x: at.x, y: at.y + off },
    { x: at.x + radius * 0.7 + half, y: at.y - off * 0.8 },
    { x: at.x + radius * 0.7 + half, y: at.y + off * 0.8 },
    { x: at.x - radius * 0.7 - half, y: at.y - off * 0.8 },
    { x: at.x - radius * 0.7 - half, y: at.y + off * 0.8 },
  ].map((place) => ({ at: place }));
  return [...near, ...roundAbout(at, FAR_OFF)].map((place) => ({
    lines: [name],
    size: SMALL,
    turn: 0,
    ...place,
  }));
}

/** Outside of the edge or inside of it, clear of the leaf. */
function atOpening(lines: readonly string[], opening: Opening, view: View, pieces: Pieces): LabelForm[] {
  const [a, b] = placesOf(opening, pieces).map((end) => toSheet(view, end));
  const at = toSheet(view, opening.place);
  if (!a || !b) return [];
  const wide = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const normal = { x: -(b.y - a.y) / wide, y: (b.x - a.x) / wide };
  const half = textWidth(lines[0] ?? "", SMALL, "plain") / 2;
  const reach = Math.abs(normal.x) * half + Math.abs(normal.y) * SMALL * 0.6 + 7;
  const near = [1, -1].flatMap((side) =>
    [reach, reach + wide].map((off) => ({
      at: { x: at.x + normal.x * side * off, y: at.y + normal.y * side * off },
    })),
  );
  return [...near, ...roundAbout(at, FAR_OFF)].map((place) => ({ lines, size: SMALL, turn: 0, ...place }));
}

function boundsOnSheet(places: readonly Point[], view: View) {
  const { left, right, top, bottom } = boundsOf(places.map((place) => toSheet(view, place)));
  // Down the sheet counts up.
  return { left, right, top: bottom, bottom: top };
}
