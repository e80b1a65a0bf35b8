import type { CutOrder } from "../api/types";

/** A saw cut of 1/8 in and 1/2 in off one end, in metres (common practice); nothing in the shed. */
export const USUAL_ORDER: CutOrder = { kerf: 0.003175, trim: 0.0127, offcuts: [] };
