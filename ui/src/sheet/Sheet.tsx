import { capabilities, standingThings } from "../capabilities";
import { useEffect, useMemo, useRef, useState, type PointerEvent } from "react";
import type { BedAppraisal, Change, Gap, Lifetime, Point, Rectangle } from "../api/types";
import { reoutline, withCorners, type Reoutline } from "../edits/changes";
import { useDesk, type Desk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { words } from "../words";
import { BedShape } from "./BedShape";
import { piecesOf } from "./boundary";
import { CarrierLayer } from "./CarrierLayer";
import { Features } from "./Features";
import { boundsOf, shifted, stretched } from "./geometry";
import { GapLine } from "./GapLine";
import { Ground } from "./Ground";
import { Handles } from "./Handles";
import { caught, idle, interact, underHand, type Action, type Interaction, type Scene } from "./interaction";
import { bedNote } from "./notes";
import { onDrawing } from "./outline";
import { Patterns } from "./Patterns";
import { SheetOverlay } from "./SheetOverlay";
import { SlopeLine } from "./SlopeLine";
import { SnagMarks } from "./SnagMarks";
import { Sketch } from "./Sketch";
import { Transients } from "./Transients";
import { TypeHere, type Typing } from "./TypeHere";
import { useDrawn } from "./useDrawn";
import { useSheetKeys } from "./useSheetKeys";
import { useSize } from "./useSize";
import { useViewControl } from "./useViewControl";
import { toGround, toSheet } from "./view";
import { WalkAreas } from "./WalkAreas";
import { WaysIn } from "./WaysIn";

/** How near a snap has to be, pixels. */
const SNAP_PIXELS = 9;
/** Gaps longer than this are open garden: measured for the selected bed only, metres. */
const LONGEST_GAP = 2.5;
/** A shorter line has no room for its figure, pixels. */
const SHORTEST_GAP = 24;
/** With more beds than this only the selected ones are dimensioned, or the sheet would be all figures. */
const MOST_DIMENSIONED = 30;

/** The measured drawing: beds to scale, dragged, turned and stretched by hand or keys, judged while they move. */
export function Sheet() {
  const desk = useDesk();
  const drawing = desk.tool !== null;
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const { site } = desk.plan;
  const plot = useMemo(() => boundsOf(piecesOf(site).flat()), [site]);
  const { view, control, panHandlers } = useViewControl(plot, size, frame);
  const [doing, setDoing] = useState<Interaction>(idle);
  const [byKeys, setByKeys] = useState<ReadonlyMap<string, Rectangle>>(new Map());
  const [typing, setTyping] = useState<Typing | null>(null);
  const drawnChange = useDrawn();
  const onKeys = useSheetKeys(desk, setByKeys);

  const hand = underHand(doing);
  const drawn = (bed: BedAppraisal): Rectangle =>
    hand.get(bed.bed) ?? byKeys.get(bed.bed) ?? desk.outlines.get(bed.bed) ?? bed.outline;

  function scene(event: { altKey: boolean }): Scene {
    return {
      outlines: desk.outlines,
      plot,
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
    const next = interact(doing, action, scene(event));
    setDoing(next);
    return next;
  }

  function capture(event: PointerEvent) {
    frame.current?.setPointerCapture(event.pointerId);
    event.stopPropagation();
  }

  function edits(state: Interaction): Reoutline[] {
    const before = state.kind === "move" ? state.before : desk.outlines;
    return [...underHand(state)].flatMap(([bed, after]): Reoutline[] => {
      const from = desk.bedById.get(bed)?.revision;
      const was = state.kind === "stretch" || state.kind === "turn" ? state.before : before.get(bed);
      return from === undefined || !was ? [] : [{ bed, from, before: was, after }];
    });
  }

  /** What has been dragged so far, as an edit. */
  function dragged(state: Interaction): Change | null {
    if (state.kind !== "corner") return reoutline(edits(state), "Move beds");
    const bed = desk.bedById.get(state.bed);
    return bed && state.now !== state.before ? withCorners(bed, state.outline, state.now) : null;
  }

  function grab(bed: BedAppraisal, event: PointerEvent) {
    if (drawing || event.button !== 0) return;
    const already = desk.selection.has(bed.bed);
    const beds = event.shiftKey
      ? already
        ? [...desk.selection].filter((other) => other !== bed.bed)
        : [...desk.selection, bed.bed]
      : already
        ? [...desk.selection]
        : [bed.bed];
    desk.select(beds);
    if (event.shiftKey) return;
    act({ kind: "grab", beds, at: place(event) }, event);
    capture(event);
  }

  function press(event: PointerEvent) {
    if (event.button !== 0) return;
    if (drawing) {
      act({ kind: "start-draw", at: place(event) }, event);
      capture(event);
    } else if (event.pointerType !== "touch") {
      if (!event.shiftKey) desk.select([]);
      act({ kind: "start-marquee", at: place(event) }, event);
      capture(event);
    }
  }

  function move(event: PointerEvent) {
    if (doing.kind === "idle") return;
    const next = act({ kind: "to", at: place(event) }, event);
    if (next.kind === "draw") {
      if (desk.tool?.kind === "slope") return;
      desk.tryOut(drawnChange({ start: next.start, end: next.end, area: next.now }));
      return;
    }
    const change = dragged(next);
    if (change) desk.tryOut(change);
  }

  function release(event: PointerEvent) {
    if (doing.kind === "idle") return;
    if (doing.kind === "draw" && desk.tool?.kind === "slope") {
      desk.setSlopeLine({ from: doing.start, to: doing.end });
      desk.setTool(null);
    } else if (doing.kind === "draw") {
      const change = drawnChange({ start: doing.start, end: doing.end, area: doing.now });
      if (change) {
        desk.submit(change);
        if (change.kind === "PlaceBed") desk.select([change.bed.id]);
      } else desk.tryOut(null);
      desk.setTool(null);
    } else if (doing.kind === "marquee") {
      const found = caught(doing, desk.outlines);
      if (found.length > 0) desk.select([...new Set([...desk.selection, ...found])]);
    } else {
      const change = dragged(doing);
      if (change) desk.submit(change);
      else if (doing.kind !== "move" || doing.far) desk.tryOut(null);
    }
    act({ kind: "release" }, event);
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

  const beds = desk.report?.beds ?? [];
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const single = only === undefined ? undefined : desk.bedById.get(only);
  const gaps = (desk.report?.gaps ?? []).filter((gap) =>
    isShown(gap, desk.selection, beds.length, view.scale),
  );
  const there = (thing: { lifetime: Lifetime }) => isThere(thing.lifetime, desk.season);
  const name = (bed: string | undefined) =>
    bed === undefined
      ? "the plot's edge"
      : (desk.bedById.get(bed)?.name ?? standingThings(desk.plan).find((f) => f.id === bed)?.name ?? "");

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
          <Ground site={desk.plan.site} view={view} units={desk.units} />
          <WalkAreas walks={desk.plan.walks.filter(there)} view={view} />
          {desk.step === "reach" && <CarrierLayer view={view} />}
          <Features
            features={standingThings(desk.plan).filter(there)}
            fences={desk.report?.fences ?? []}
            view={view}
            selected={null}
          />
          {capabilities.map(({ Layer }, index) => (
            <Layer key={index} view={view} />
          ))}
          <WaysIn
            waysIn={desk.plan.waysIn.filter(there)}
            site={desk.plan.site}
            view={view}
            units={desk.units}
          />
          {inDrawingOrder(beds, desk.selection).map((bed) => (
            <BedShape
              key={bed.bed}
              bed={bed}
              outline={drawn(bed)}
              view={view}
              units={desk.units}
              gardeners={desk.plan.gardeners}
              selected={desk.selection.has(bed.bed)}
              note={bedNote(desk, bed, drawn(bed))}
              flaws={(desk.report?.snags ?? []).filter((snag) => snag.beds.includes(bed.bed)).length}
              onPointerDown={(event) => {
                grab(bed, event);
              }}
              onKeyDown={onKeys}
              onFocus={() => {
                if (doing.kind === "idle" && !desk.selection.has(bed.bed)) desk.select([bed.bed]);
              }}
            />
          ))}
          {gaps.map((gap, index) => (
            <GapLine
              key={index}
              gap={gap}
              view={view}
              units={desk.units}
              from={name(gap.bed)}
              to={name(gap.to)}
              onEdit={() => {
                setTyping(typeGap(gap));
              }}
            />
          ))}
          <Sketch lines={desk.sketch} view={view} />
          {desk.step === "ground" && <SlopeLine view={view} />}
          <Transients doing={doing} line={drawsLine(desk)} view={view} size={size} units={desk.units} />
          {single && doing.kind !== "move" && doing.kind !== "corner" && (
            <Handles
              outline={drawn(single)}
              view={view}
              units={desk.units}
              corners={
                single.shape.form.kind === "FREE" ? onDrawing(single.shape.form.places, drawn(single)) : []
              }
              onCorner={(corner, event) => {
                if (single.shape.form.kind !== "FREE") return;
                const { places } = single.shape.form;
                act({ kind: "grab-corner", bed: single.bed, corner, outline: drawn(single), places }, event);
                capture(event);
              }}
              onEdge={(edge, event) => {
                act({ kind: "grab-edge", bed: single.bed, edge }, event);
                capture(event);
              }}
              onTurn={(event) => {
                act({ kind: "grab-turn", bed: single.bed }, event);
                capture(event);
              }}
              onSize={(side) => {
                setTyping(typeSize(single, side));
              }}
            />
          )}
          <SnagMarks view={view} />
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

  /** The selected one of the two gives way, else the bed that the gap was measured from. */
  function typeGap(gap: Gap): Typing {
    const other = gap.to !== undefined && desk.selection.has(gap.to);
    const moving = desk.bedById.get(other ? (gap.to ?? "") : gap.bed);
    const start = toSheet(view, gap.start);
    const end = toSheet(view, gap.end);
    return {
      label: `Gap from ${name(gap.bed)} to ${name(gap.to)}`,
      value: gap.distance,
      at: { x: (start.x + end.x) / 2, y: (start.y + end.y) / 2 },
      onCommit: (metres) => {
        if (!moving) return;
        const wider = (metres - gap.distance) / (gap.distance || 1);
        const away = other ? 1 : -1;
        const dx = (gap.end.x - gap.start.x) * wider * away;
        const dy = (gap.end.y - gap.start.y) * wider * away;
        commit(moving, shifted(moving.outline, dx, dy));
      },
    };
  }

  function typeSize(bed: BedAppraisal, side: "length" | "width"): Typing {
    return {
      label: `${side === "length" ? "Length" : "Width"} of ${bed.name}`,
      value: bed.outline[side],
      at: toSheet(view, bed.outline.centre),
      onCommit: (metres) => {
        commit(bed, stretched(bed.outline, side === "length" ? 1 : 2, metres));
      },
    };
  }

  function commit(bed: BedAppraisal, after: Rectangle) {
    const change = reoutline([{ bed: bed.bed, from: bed.revision, before: bed.outline, after }], "");
    if (change) desk.submit(change);
  }
}

/** Whether the tool in hand draws from a place to another, and not the rectangle between. */
function drawsLine({ tool, catalogue }: Desk): boolean {
  if (tool?.kind === "slope") return true;
  return (
    tool?.kind === "feature" && catalogue.features.find((f) => f.kind === tool.feature)?.extent === "LINE"
  );
}

/** What is selected lies on top, so that it is not dragged under its neighbours. */
function inDrawingOrder(beds: readonly BedAppraisal[], selection: ReadonlySet<string>): BedAppraisal[] {
  return [...beds.filter((bed) => !selection.has(bed.bed)), ...beds.filter((bed) => selection.has(bed.bed))];
}

function isShown(gap: Gap, selection: ReadonlySet<string>, beds: number, scale: number): boolean {
  const selected = selection.has(gap.bed) || (gap.to !== undefined && selection.has(gap.to));
  if (selected) return true;
  if (gap.distance * scale < SHORTEST_GAP) return false;
  return beds <= MOST_DIMENSIONED && gap.to !== undefined && gap.distance <= LONGEST_GAP;
}
