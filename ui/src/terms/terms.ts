import type { ComponentType } from "react";
import {
  CombDrawing,
  CourseDrawing,
  KerfDrawing,
  KeyholeDrawing,
  PinwheelDrawing,
  ReachDrawing,
} from "./drawings";

/** A word of the trade, or one of ours, in a sentence or two. */
export interface Term {
  word: string;
  says: string;
  Drawing?: ComponentType;
}

/** Words that a gardener may meet here for the first time. Each is explained where it stands. */
export const TERMS = {
  snag: {
    word: "Snag",
    says: "Something in the plan that would be in the way later: a walk too narrow, soil that nobody reaches, money that is missing.",
  },
  reach: {
    word: "Reach",
    says: "How far somebody's hand works the soil from beside the bed. From both sides a bed may be twice as wide.",
    Drawing: ReachDrawing,
  },
  carrier: {
    word: "What has to get through",
    says: "Barrows, wheelchairs and machines: where they fit, where they turn, and which beds they get to.",
  },
  contingency: {
    word: "Held back",
    says: "A part of the budget for what nobody foresees. The plan is measured against the rest.",
  },
  course: {
    word: "Course",
    says: "One layer of boards or stones all round. Two courses stand twice as high.",
    Drawing: CourseDrawing,
  },
  joint: {
    word: "Corner joint",
    says: "Which board runs past the other at a corner. In a pinwheel each runs past the next, so all four sides are cut alike.",
    Drawing: PinwheelDrawing,
  },
  keyhole: {
    word: "Keyhole",
    says: "A place to stand cut into a bed, with a round end: from its middle the soil all round is within reach.",
    Drawing: KeyholeDrawing,
  },
  comb: {
    word: "Comb",
    says: "A long bed with fingers and bays between them. A wheelchair rolls into the bays, and the fingers are reached from both sides.",
    Drawing: CombDrawing,
  },
  kerf: {
    word: "Saw cut (kerf)",
    says: "What the blade turns into dust at each cut, mostly 2 to 3 mm (about 1/8 in). Without it the last piece is too short.",
    Drawing: KerfDrawing,
  },
  crown: {
    word: "Crown",
    says: "How far a tree's branches reach from its trunk. Below them it is shady and dry.",
  },
  variant: {
    word: "Variant",
    says: "The whole garden once more, to try another way. It stands beside the garden until you take it over or delete it.",
  },
} as const satisfies Readonly<Record<string, Term>>;

export type TermName = keyof typeof TERMS;
