import { createContext, useContext } from "react";
import type {
  AppraisalReport,
  BedAppraisal,
  Catalogue,
  Change,
  FeatureKind,
  Form,
  GardenView,
  Plan,
  Point,
  Rectangle,
  Snag,
  Units,
  Walk,
} from "../api/types";
import type { Preview } from "../edits/previews";
import type { EditQueue, QueueState } from "../edits/queue";
import type { Thing } from "../sheet/things";

/** What can be drawn on the sheet. */
export type Tool =
  | { kind: "bed"; form: Form["kind"] }
  | { kind: "feature"; feature: FeatureKind }
  | { kind: "wayIn" }
  | { kind: "walk"; grade: Walk["grade"] }
  | { kind: "slope" }
  /** A line for whoever asked for it; the tool stays in hand where one line follows another. */
  | { kind: "line"; drawn: (from: Point, to: Point) => void; stays?: boolean }
  /** A place for whoever asked for it. */
  | { kind: "spot"; drawn: (place: Point) => void };

/** The order in which a garden is thought through. */
export const TRADE_STEPS = [
  "ground",
  "beds",
  "reach",
  "frames",
  "fill",
  "water",
  "fence",
  "sun",
  "crops",
  "purse",
] as const;

export type TradeStep = (typeof TRADE_STEPS)[number];

export function isTradeStep(name: string | null): name is TradeStep {
  return TRADE_STEPS.some((step) => step === name);
}

/** What the sheet shows besides what is there. */
export interface Shown {
  /** All dimensions, not only those of what is selected. */
  dimensions: boolean;
  /** The numbers of the snags. */
  marks: boolean;
  /** What another season or another version has otherwise, as outlines. */
  ghosts: "before" | "after" | OtherVersion | null;
  /**
   * Of the sun, in its step: the shadows of a minute by the sun's time, or hours, on the middle day of a half-month. Crops are shown as
   * large as they are on that day.
   */
  sun: { what: "SHADOWS" | "DAY" | "GROWING" | "NOTHING"; half: number; minute: number };
  /** Things whose dimensions stay. */
  pinned: ReadonlySet<string>;
}

/** Another version of the garden. */
export interface OtherVersion {
  name: string;
  plan: Plan;
}

/** What stands round the sheet and can be folded away. */
export type Side = "panel" | "slip";

/** Everything that the parts of the workspace share. */
export interface Desk {
  garden: GardenView;
  plan: Plan;
  units: Units;
  catalogue: Catalogue;
  season: number;
  setSeason: (season: number) => void;
  step: TradeStep;
  /** Goes to a step and unfolds its panel. */
  setStep: (step: TradeStep) => void;
  folded: Readonly<Record<Side, boolean>>;
  fold: (side: Side, folded: boolean) => void;
  /** The judgement of the plan, or of the edit that is being tried. */
  report: AppraisalReport | undefined;
  /** The judgement of the plan as it is kept, remedies included. */
  judged: AppraisalReport | undefined;
  /** What the edit that is being tried would lead to. */
  preview: Preview | null;
  /** The edit that is being tried. */
  tried: Change | null;
  /** Judges an edit without keeping it; null ends it. */
  tryOut: (change: Change | null) => void;
  /** Makes an edit. Why it was not taken is told to `refused`, or else shown on top. */
  submit: (change: Change, refused?: (message: string) => void) => void;
  undo: () => void;
  redo: () => void;
  queue: EditQueue;
  queueState: QueueState;
  selection: ReadonlySet<string>;
  select: (things: readonly string[]) => void;
  /** Whether the list of keys is open. */
  help: boolean;
  setHelp: (open: boolean) => void;
  /** The paper that is read instead of the sheet. */
  paper: string | null;
  read: (paper: string | null) => void;
  /** Goes to the fields of the first of these things: in the present step if it has them, else in the thing's own. */
  open: (things: readonly string[]) => void;
  /** Outlines of the standing beds, those of edits still on their way included. */
  outlines: ReadonlyMap<string, Rectangle>;
  bedById: ReadonlyMap<string, BedAppraisal>;
  /** What is wrong with a bed or another thing, for those that have a snag. */
  snagsOf: ReadonlyMap<string, readonly Snag[]>;
  /** Everything that can be picked up on the sheet in this season. */
  things: ReadonlyMap<string, Thing>;
  shown: Shown;
  show: (part: Partial<Shown>) => void;
  snapStep: number;
  setSnapStep: (step: number) => void;
  /** What the pointer draws next; null while it selects. */
  tool: Tool | null;
  setTool: (tool: Tool | null) => void;
  /** The carrier whose ground is shown as a layer of the sheet. */
  carrier: string | null;
  showCarrier: (carrier: string | null) => void;
  /** From where ways are measured, by the id of a feature or a way in. */
  fetchFrom: string | null;
  setFetchFrom: (id: string | null) => void;
  /** Along which the slope of the ground is asked for; null before one is drawn or typed. */
  slopeLine: SlopeLine | null;
  setSlopeLine: (line: SlopeLine) => void;
  /** Lines on the ground that a panel shows on the sheet while it is open. */
  sketch: readonly SketchLine[];
  setSketch: (lines: readonly SketchLine[]) => void;
}

export interface SlopeLine {
  from: Point;
  to: Point;
}

/** A line on the ground; closed where it goes round something. */
export interface SketchLine {
  points: readonly Point[];
  closed: boolean;
  /** Written at its middle. */
  label?: string;
}

export const DeskContext = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = useContext(DeskContext);
  if (!desk) throw new Error("useDesk is for parts of the workspace, inside its DeskContext");
  return desk;
}
