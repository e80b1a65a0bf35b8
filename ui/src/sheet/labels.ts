import RBush from "rbush";
import type { Point } from "../api/types";
import { textWidth, type Font } from "./textWidth";
import type { Size } from "./view";

/*
 * Where names, figures and marks stand on the sheet. Each says where it could stand, the best place first; the important ones choose first;
 * none covers another, nor the edge of a bed. What finds no place waits until there is more room. Places are pixels on the sheet.
 */

/** How a label is drawn. */
export type Tone = "name" | "soft" | "figure" | "typed" | "mark" | "serious";

/** One way to write a label, and where. */
export interface LabelForm {
  lines: readonly string[];
  /** Height of its letters, pixels. */
  size: number;
  /** Its middle. */
  at: Point;
  /** Degrees clockwise. */
  turn: number;
  /** The last line is a figure under a name, smaller than that. */
  noted?: boolean;
  /** What it belongs to, where it stands too far off to tell. */
  leader?: Point;
}

export interface Label {
  key: string;
  tone: Tone;
  /** The thing it goes along with while that is moved. */
  thing?: string;
  /** Lower ranks choose first. */
  rank: number;
  /** The best first. */
  forms: readonly LabelForm[];
  /** What a click on it does, and what that is called. */
  button?: { name: string; onClick: () => void };
}

export interface PlacedLabel extends Label {
  form: LabelForm;
}

/** Who chooses first. */
export const RANKS = {
  typed: 0,
  selected: 1,
  bed: 2,
  serious: 3,
  thing: 4,
  mark: 5,
  side: 6,
  figure: 7,
} as const;

export interface Segment {
  from: Point;
  to: Point;
}

/** Taken before any label: buttons over the sheet, and edges that nothing is written across. */
export interface Taken {
  boxes: readonly (readonly Point[])[];
  edges: readonly Segment[];
}

const LINE_HEIGHT = 1.25;
/** Free round the letters, pixels. */
const PADDING = 1.5;
const MARK = { width: 20, height: 17, each: 7 };

/** Corners of the ground that a label takes up. */
export function outlineOf(form: LabelForm, tone: Tone): Point[] {
  const { width, height } = sizeOf(form, tone);
  const radians = (form.turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(radians), Math.sin(radians)];
  return [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([across = 0, down = 0]) => {
    const x = (across * width) / 2;
    const y = (down * height) / 2;
    return { x: form.at.x + x * cos - y * sin, y: form.at.y + x * sin + y * cos };
  });
}

/** Width and height of a label before it is turned. */
export function sizeOf(form: LabelForm, tone: Tone): Size {
  const { lines, size } = form;
  if (tone === "mark" || tone === "serious") {
    const [text = ""] = lines;
    return { width: MARK.width + Math.max(0, text.length - 2) * MARK.each, height: MARK.height };
  }
  const widest = Math.max(
    ...lines.map((line, index) => textWidth(line, lineSize(form, index), fontOf(form, tone, index))),
  );
  const roomy = tone === "typed" ? 6 : 0;
  return { width: widest + 2 * PADDING + roomy, height: lines.length * size * LINE_HEIGHT + 2 * PADDING };
}

/** Of each line of a label. */
export function fontOf(form: LabelForm, tone: Tone, line: number): Font {
  if (tone === "figure" || tone === "typed") return "mono";
  return tone === "name" && !isNote(form, line) ? "bold" : "plain";
}

/** Height of the letters of a line, pixels. */
export function lineSize(form: LabelForm, line: number): number {
  return isNote(form, line) ? form.size - 2 : form.size;
}

function isNote({ noted, lines }: LabelForm, line: number): boolean {
  return noted === true && line === lines.length - 1;
}

interface Entry {
  minX: number;
  minY: number;
  maxX: number;
  maxY: number;
  shape: readonly Point[];
  /** It fills its bounds: an upright box, or a line along one of them. */
  straight: boolean;
}

/** Gives every label that finds one a place within the room. */
export function placed(labels: readonly Label[], taken: Taken, room: Size): PlacedLabel[] {
  const boxes = new RBush<Entry>();
  const lines = new RBush<Entry>();
  boxes.load(taken.boxes.map(entry));
  lines.load(taken.edges.map(({ from, to }) => entry([from, to])));
  const found: PlacedLabel[] = [];
  for (const label of [...labels].sort((a, b) => a.rank - b.rank)) {
    const form = label.forms.find((each) => isFree(each, label.tone, boxes, lines, room));
    if (!form) continue;
    boxes.insert(entry(outlineOf(form, label.tone)));
    if (form.leader) lines.insert(entry(leaderOf(form, form.leader, label.tone)));
    found.push({ ...label, form });
  }
  return found;
}

function isFree(form: LabelForm, tone: Tone, boxes: RBush<Entry>, lines: RBush<Entry>, room: Size): boolean {
  const own = entry(outlineOf(form, tone));
  if (own.minX < 0 || own.minY < 0 || own.maxX > room.width || own.maxY > room.height) return false;
  if (meetsAny(own, boxes) || meetsAny(own, lines)) return false;
  return !form.leader || !meetsAny(entry(leaderOf(form, form.leader, tone)), boxes);
}

/** From the edge of the label to what it belongs to. */
export function leaderOf(form: LabelForm, to: Point, tone: Tone): [Point, Point] {
  const { width, height } = sizeOf(form, tone);
  const dx = to.x - form.at.x;
  const dy = to.y - form.at.y;
  const inside = Math.min(1, width / 2 / Math.abs(dx || 1e-9), height / 2 / Math.abs(dy || 1e-9));
  return [{ x: form.at.x + dx * inside, y: form.at.y + dy * inside }, to];
}

function entry(shape: readonly Point[]): Entry {
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { x, y } of shape) {
    minX = Math.min(minX, x);
    minY = Math.min(minY, y);
    maxX = Math.max(maxX, x);
    maxY = Math.max(maxY, y);
  }
  const straight = shape.every(({ x, y }, index) => {
    const next = shape[(index + 1) % shape.length];
    return x === next?.x || y === next?.y;
  });
  return { minX, minY, maxX, maxY, shape, straight };
}

function meetsAny(own: Entry, others: RBush<Entry>): boolean {
  return others
    .search(own)
    .some(
      (other) => overlap(own, other) && ((own.straight && other.straight) || meet(own.shape, other.shape)),
    );
}

function overlap(a: Entry, b: Entry): boolean {
  return a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY;
}

/** Whether two convex shapes meet: no line lies between them (separating axis theorem). A line is a shape of two corners. */
export function meet(a: readonly Point[], b: readonly Point[]): boolean {
  return ![...normals(a), ...normals(b)].some((normal) => {
    const one = spread(a, normal);
    const other = spread(b, normal);
    return one.high <= other.low || other.high <= one.low;
  });
}

function normals(shape: readonly Point[]): Point[] {
  return shape.map((from, index) => {
    const to = shape[(index + 1) % shape.length] ?? from;
    return { x: from.y - to.y, y: to.x - from.x };
  });
}

function spread(shape: readonly Point[], { x, y }: Point) {
  const along = shape.map((corner) => corner.x * x + corner.y * y);
  return { low: Math.min(...along), high: Math.max(...along) };
}

/** Places round a point, the nearest first: right above, then round about; further off with a leader. */
export function roundAbout(point: Point, distances: readonly number[]): Pick<LabelForm, "at" | "leader">[] {
  return distances.flatMap((distance) =>
    DIRECTIONS.map((degrees) => {
      const radians = (degrees * Math.PI) / 180;
      const at = { x: point.x + distance * Math.cos(radians), y: point.y - distance * Math.sin(radians) };
      return { at, leader: point };
    }),
  );
}

const DIRECTIONS = [90, 60, 120, 30, 150, 0, 180, -30, -150, -60, -120, -90];
