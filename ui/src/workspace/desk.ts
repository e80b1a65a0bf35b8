import { createContext, useContext } from "react";
import type {
  AppraisalReport,
  BedAppraisal,
  Catalogue,
  Change,
  GardenView,
  Plan,
  Preview,
  Rectangle,
  Units,
} from "../api/types";
import type { EditQueue, QueueState } from "../edits/queue";

export type TradeStep = "ground" | "beds" | "reach" | "frames" | "fill" | "purse";

/** Everything that the parts of the workspace share. */
export interface Desk {
  garden: GardenView;
  plan: Plan;
  units: Units;
  catalogue: Catalogue;
  season: number;
  setSeason: (season: number) => void;
  step: TradeStep;
  setStep: (step: TradeStep) => void;
  /** The judgement of the plan, or of the edit that is being tried. */
  report: AppraisalReport | undefined;
  /** The judgement of the plan as it is kept, remedies included. */
  judged: AppraisalReport | undefined;
  /** What the edit that is being tried would lead to. */
  preview: Preview | null;
  /** Judges an edit without keeping it; null ends it. */
  tryOut: (change: Change | null) => void;
  /** Makes an edit. Why it was not taken is told to `refused`, or else shown on top. */
  submit: (change: Change, refused?: (message: string) => void) => void;
  undo: () => void;
  redo: () => void;
  queue: EditQueue;
  queueState: QueueState;
  selection: ReadonlySet<string>;
  select: (beds: readonly string[]) => void;
  /** Outlines of the standing beds, those of edits still on their way included. */
  outlines: ReadonlyMap<string, Rectangle>;
  bedById: ReadonlyMap<string, BedAppraisal>;
  snapStep: number;
  setSnapStep: (step: number) => void;
}

export const DeskContext = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = useContext(DeskContext);
  if (!desk) throw new Error("useDesk is for parts of the workspace, inside its DeskContext");
  return desk;
}
