import { useEffect, useMemo, useState } from "react";
import type { Gap, Point, Snag } from "../api/types";
import { layers } from "../capabilities";
import { formatDimension, formatLength } from "../measure/lengths";
import type { Desk } from "../workspace/desk";
import { at, boundsOf } from "./geometry";
import { boxGrips } from "./grips";
import {
  outlineOf,
  placed,
  RANKS,
  roundAbout,
  type Label,
  type LabelForm,
  type PlacedLabel,
  type Segment,
  type Taken,
} from "./labels";
import { nameLabel, readable } from "./nameLabels";
import { fitted } from "./outline";
import { measureAnew, textWidth } from "./textWidth";
import { cornersOf, placesOf, sidesOf, type Geometry, type Pieces, type Thing } from "./things";
import { toSheet, type Size, type View } from "./view";

/** Gaps longer than this are open garden: measured for what is looked at only, metres. */
const LONGEST_GAP = 2.5;
const FIGURE = 11.5;
/** With more snags than this only the worst, the serious and those of what is selected are marked. */
const MOST_MARKS = 24;
/** From a mark to what it marks, pixels. */
const MARK_DISTANCES = [18, 28, 40, 56, 76, 100, 130];
/** So many places are tried for a mark while something moves; there is time for the others once it rests. */
const AT_ONCE = 24;

/** What a figure on the sheet lets one type. */
export interface Typable {
  gap: (gap: Gap) => void;
  size: (thing: Thing, side: "length" | "width") => void;
  side: (thing: Thing, side: number) => void;
}

/** Everything that is written on the sheet, and what it must keep clear of. */
export interface Scene {
  desk: Desk;
  view: View;
  size: Size;
  pieces: Pieces;
  hovered: string | null;
  /** The buttons over the sheet. */
  overlays: readonly (readonly Point[])[];
  typable: Typable;
}

export interface Written {
  labels: readonly PlacedLabel[];
  /** Where things were when their names found a place. */
  things: Desk["things"];
}

/**
 * What is written on the sheet, each where it found a place. While something is under the hand the rest keeps its place, and only the
 * marks of snags follow the judgement.
 */
export function useLabels(scene: Scene | null, underHand: boolean): Written {
  const fonts = useFontsReady();
  const desk = useHeld(scene?.desk, underHand);
  const hovered = useHeld(scene?.hovered ?? null, underHand);
  const { view, size, overlays } = scene ?? {};
  const rest = useMemo(() => {
    if (!scene || !desk) return [];
    const then = { ...scene, desk, hovered };
    return placed(wanted(then), takenIn(then), then.size);
    // The rest of the scene changes with every pointer move and says nothing that is written.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [
    fonts,
    desk?.things,
    desk?.report,
    desk?.judged,
    desk?.selection,
    desk?.shown,
    desk?.step,
    desk?.units,
    view?.scale,
    view?.x,
    view?.y,
    size,
    hovered,
    overlays,
  ]);
  const report = scene?.desk.report;
  const labels = useMemo(
    () => (scene && underHand ? withMarks(scene, rest) : rest),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [underHand, rest, report],
  );
  return { labels, things: desk?.things ?? NOTHING };
}

const NOTHING: Desk["things"] = new Map();

/** The value that there was before it was held. */
function useHeld<T>(value: T, held: boolean): T {
  const [last, setLast] = useState(value);
  if (!held && last !== value) setLast(value);
  return held ? last : value;
}

function takenIn(scene: Scene): Taken {
  return { boxes: [...scene.overlays, ...fixedMarks(scene)], edges: edgesOf(scene) };
}

/** The same labels with the marks of the present judgement: where there was a mark before, it stays. */
function withMarks(scene: Scene, before: readonly PlacedLabel[]): PlacedLabel[] {
  const known = before.filter((label) => !isMark(label));
  const marked = before.filter(isMark);
  const fresh: Label[] = [];
  for (const mark of scene.desk.shown.marks ? marksOf(scene) : []) {
    const anchor = anchorOf(mark.forms[0]);
    const at = marked.findIndex(({ form }) => anchorOf(form) === anchor);
    const [was] = at < 0 ? [] : marked.splice(at, 1);
    if (was?.key === mark.key && was.tone === mark.tone) known.push(was);
    else if (was) known.push({ ...mark, form: { ...was.form, lines: mark.forms[0]?.lines ?? [] } });
    else fresh.push({ ...mark, forms: mark.forms.slice(0, AT_ONCE) });
  }
  const { boxes, edges } = takenIn(scene);
  const written = known.map(({ form, tone }) => outlineOf(form, tone));
  return [...known, ...placed(fresh, { boxes: [...boxes, ...written], edges }, scene.size)];
}

function isMark({ tone }: Label): boolean {
  return tone === "mark" || tone === "serious";
}

/** What a mark belongs to. */
function anchorOf(form: LabelForm | undefined): string {
  return form?.leader ? `${String(form.leader.x)} ${String(form.leader.y)}` : "";
}

/** Widths that were measured before the fonts had come are measured anew. */
function useFontsReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    if (!("fonts" in document)) return;
    void document.fonts.ready.then(() => {
      measureAnew();
      setReady(true);
    });
  }, []);
  return ready;
}

function wanted(scene: Scene): Label[] {
  const { desk, view, pieces } = scene;
  const { selection, shown } = desk;
  const names = [...desk.things.values()].map((thing) =>
    nameLabel({ ...thing, note: noteOf(desk, thing), rank: rankOf(thing, selection) }, view, pieces),
  );
  return [
    ...sizesOf(scene),
    ...names,
    ...(shown.marks ? marksOf(scene) : []),
    ...sideLengths(scene),
    ...gapsOf(scene),
  ];
}

function noteOf(desk: Desk, thing: Thing): string {
  return layers.map((layer) => layer.note?.(desk, thing.id)).find((note) => note !== undefined) ?? "";
}

function rankOf(thing: Thing, selection: ReadonlySet<string>): number {
  if (selection.has(thing.id)) return RANKS.selected;
  if (thing.kind === "bed") return RANKS.bed;
  return thing.under ? RANKS.side : RANKS.thing;
}

/** Sizes of the one thing that is selected, each to be typed anew. */
function sizesOf({ desk, view, typable }: Scene): Label[] {
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const thing = only === undefined ? undefined : desk.things.get(only);
  if (!thing) return [];
  const { geometry } = thing;
  if (geometry.kind === "OPENING") return [];
  if (geometry.kind === "BOX") {
    const { outline } = geometry;
    const a = outline.length / 2;
    const b = outline.width / 2;
    const off = 16 / view.scale;
    return (["length", "width"] as const).map((side) => {
      const text = formatDimension(outline[side], desk.units);
      const aside = off + (side === "width" ? (text.length * 4) / view.scale : 0);
      const places =
        side === "length"
          ? [at(outline, a / 2, -b - aside), at(outline, -a / 2, -b - aside), at(outline, 0, b + 2 * aside)]
          : [at(outline, a + aside, b / 2), at(outline, -a - aside, b / 2), at(outline, a + 2 * aside, 0)];
      return {
        key: `size ${side} ${thing.id}`,
        thing: thing.id,
        tone: "typed",
        rank: RANKS.typed,
        forms: [
          ...places.map((place) => figure(text, toSheet(view, place))),
          ...roundAbout(toSheet(view, outline.centre), [60, 90]).map((place) => figure(text, place.at)),
        ],
        button: {
          name: `${side} ${text}: change`,
          onClick: () => {
            typable.size(thing, side);
          },
        },
      };
    });
  }
  return sidesOf(geometry).map(({ from, to, length }, index) => {
    const a = toSheet(view, from);
    const b = toSheet(view, to);
    const text = formatDimension(length, desk.units);
    return {
      key: `side ${String(index)} ${thing.id}`,
      thing: thing.id,
      tone: "typed",
      rank: RANKS.typed,
      forms: besideLine(a, b, 15, text),
      button: {
        name: `side ${String(index + 1)}, ${text}: change`,
        onClick: () => {
          typable.side(thing, index);
        },
      },
    };
  });
}

function figure(text: string, place: Point): LabelForm {
  return { lines: [text], size: FIGURE, at: place, turn: 0 };
}

/** On either side of a line at its thirds; the middle is for grips. */
function besideLine(a: Point, b: Point, off: number, text: string): LabelForm[] {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const normal = { x: -(b.y - a.y) / length, y: (b.x - a.x) / length };
  const aside = off + Math.abs(normal.x) * textWidth(text, FIGURE, "mono") * 0.5;
  return [0.33, 0.67, 0.5].flatMap((share) =>
    [1, -1].map((side) =>
      figure(text, {
        x: a.x + (b.x - a.x) * share + normal.x * side * aside,
        y: a.y + (b.y - a.y) * share + normal.y * side * aside,
      }),
    ),
  );
}

/** The number of every snag near its place. */
function marksOf({ desk, view }: Scene): Label[] {
  const ofSelected = new Set([...desk.selection].flatMap((id) => desk.snagsOf.get(id) ?? []));
  return (desk.report?.snags ?? []).flatMap((snag, index): Label[] => {
    const serious = snag.weight === "SERIOUS";
    const place = index < MOST_MARKS || serious || ofSelected.has(snag) ? markPlace(snag, desk) : undefined;
    if (!place) return [];
    const point = toSheet(view, place);
    return [
      {
        key: `snag ${String(index + 1)}`,
        tone: serious ? "serious" : "mark",
        rank: serious ? RANKS.serious : RANKS.mark,
        forms: roundAbout(point, MARK_DISTANCES).map((each) => ({
          lines: [String(index + 1)],
          size: 12,
          turn: 0,
          ...each,
        })),
      },
    ];
  });
}

/** A snag of one bed is marked at the bed's upper right corner, where its name and hatches stay free. */
function markPlace(snag: Snag, { things }: Desk): Point | undefined {
  const [bed] = snag.beds.length === 1 ? snag.beds : [];
  const geometry = bed === undefined ? undefined : things.get(bed)?.geometry;
  if (!snag.place || !geometry) return snag.place;
  const { right, top } = boundsOf(placesOf(geometry, []));
  return { x: right, y: top };
}

/** The lengths of the plot's sides, outside of it. */
function sideLengths({ desk, view, pieces }: Scene): Label[] {
  return pieces.flatMap((corners, piece) => {
    const outward = twiceTheArea(corners) > 0 ? 1 : -1;
    return corners.map((from, index): Label => {
      const to = corners[(index + 1) % corners.length] ?? from;
      const a = toSheet(view, from);
      const b = toSheet(view, to);
      const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
      const normal = { x: (-(b.y - a.y) / length) * outward, y: ((b.x - a.x) / length) * outward };
      const text = formatLength(Math.hypot(to.x - from.x, to.y - from.y), desk.units);
      const fits = textWidth(text, FIGURE, "mono") + 8 < length;
      const turn = readable((Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI);
      return {
        key: `plot ${String(piece)} ${String(index)}`,
        tone: "figure",
        rank: RANKS.side,
        forms: fits
          ? [0.5, 0.35, 0.65, 0.2, 0.8].map((share) => ({
              ...figure(text, {
                x: a.x + (b.x - a.x) * share + normal.x * 13,
                y: a.y + (b.y - a.y) * share + normal.y * 13,
              }),
              turn,
            }))
          : [],
      };
    });
  });
}

function twiceTheArea(corners: readonly Point[]): number {
  return corners.reduce((sum, from, index) => {
    const to = corners[(index + 1) % corners.length] ?? from;
    return sum + from.x * to.y - to.x * from.y;
  }, 0);
}

/** The gaps that are shown: round what is selected, hovered or pinned, or all short ones. */
export function gapsShown(desk: Desk, hovered: string | null): Gap[] {
  const { selection, shown } = desk;
  const looked = (id: string | undefined) =>
    id !== undefined && (selection.has(id) || shown.pinned.has(id) || id === hovered);
  return (desk.report?.gaps ?? []).filter(
    (gap) =>
      looked(gap.bed) ||
      looked(gap.to) ||
      (shown.dimensions && gap.to !== undefined && gap.distance <= LONGEST_GAP),
  );
}

export function gapKey(gap: Gap): string {
  return `gap ${gap.bed} ${gap.to ?? "plot"} ${String(gap.start.x)} ${String(gap.start.y)}`;
}

function gapsOf({ desk, view, hovered, typable }: Scene): Label[] {
  return gapsShown(desk, hovered).map((gap) => {
    const a = toSheet(view, gap.start);
    const b = toSheet(view, gap.end);
    const text = formatDimension(gap.distance, desk.units);
    const wide = textWidth(text, FIGURE, "mono") + 6;
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    const upright = Math.abs(b.y - a.y) > Math.abs(b.x - a.x);
    const on = (share: number) => ({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share });
    const along = (upright ? length > 20 : length > wide) ? [0.5, 0.3, 0.7].map(on) : [];
    const middle = on(0.5);
    const beside = [1, -1].flatMap((side) =>
      [1, 2].map((times) => ({
        x: middle.x + (upright ? side * times * (wide / 2 + 4) : 0),
        y: middle.y + (upright ? 0 : side * times * 12),
      })),
    );
    const chosen = desk.selection.has(gap.bed) || (gap.to !== undefined && desk.selection.has(gap.to));
    return {
      key: gapKey(gap),
      tone: "figure",
      rank: chosen ? RANKS.selected : RANKS.figure,
      forms: [...along, ...beside].map((place) => figure(text, place)),
      button: {
        name: `${formatLength(gap.distance, desk.units)} from ${nameOf(desk, gap.bed)} to ${nameOf(desk, gap.to)}: change`,
        onClick: () => {
          typable.gap(gap);
        },
      },
    };
  });
}

export function nameOf(desk: Desk, id: string | undefined): string {
  return id === undefined ? "the plot's edge" : (desk.things.get(id)?.name ?? "");
}

/** Edges of the beds and of the plot: nothing is written across them. */
function edgesOf({ desk, view, pieces }: Scene): Segment[] {
  const beds = (desk.report?.beds ?? []).map((bed) =>
    fitted(bed.corners, bed.outline, desk.outlines.get(bed.bed) ?? bed.outline),
  );
  const boxes = [...desk.things.values()].flatMap(({ kind, geometry }) =>
    geometry.kind === "BOX" && kind !== "bed" ? [placesOf(geometry, pieces)] : [],
  );
  return [...beds, ...boxes, ...pieces].flatMap((corners) =>
    corners.map((from, index) => ({
      from: toSheet(view, from),
      to: toSheet(view, corners[(index + 1) % corners.length] ?? from),
    })),
  );
}

/** What is drawn the same size at every zoom: spots with their letter, and the grips of what is selected. */
function fixedMarks({ desk, view }: Scene): Point[][] {
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const selected = only === undefined ? undefined : desk.things.get(only)?.geometry;
  const spots = [...desk.things.values()].flatMap(({ geometry }) =>
    geometry.kind === "SPOT" ? [squareRound(toSheet(view, geometry.place), 9)] : [],
  );
  return [
    ...spots,
    ...missedByAll(desk, view),
    ...(selected ? gripsOf(selected, view) : []).map((grip) => squareRound(grip, 6)),
  ];
}

function gripsOf(geometry: Geometry, view: View): Point[] {
  if (geometry.kind !== "BOX") return cornersOf(geometry).map((corner) => toSheet(view, corner));
  const { turn, edges } = boxGrips(geometry.outline, view);
  return [turn, ...edges.map(([, place]) => place)];
}

/** A larger share of a bed out of everybody's reach leaves no room beside it, and the name is written over the hatch. */
const SMALL_PART = 0.3;

/** The parts of beds that nobody reaches: nothing is written over what is to be seen. */
function missedByAll(desk: Desk, view: View): Point[][] {
  return (desk.report?.beds ?? [])
    .filter(({ nobody, soil }) => nobody.area > 0 && nobody.area < SMALL_PART * soil)
    .flatMap(({ nobody }) => nobody.parts)
    .map((part) => {
      const { left, right, bottom, top } = boundsOf(part.map((place) => toSheet(view, place)));
      return [
        { x: left, y: bottom },
        { x: right, y: bottom },
        { x: right, y: top },
        { x: left, y: top },
      ];
    });
}

export function squareRound({ x, y }: Point, half: number): Point[] {
  return [
    { x: x - half, y: y - half },
    { x: x + half, y: y - half },
    { x: x + half, y: y + half },
    { x: x - half, y: y + half },
  ];
}
