import type { ComponentType } from "react";
import type { Feature, Plan } from "./api/types";
import { compost } from "./compost";
import type { View } from "./sheet/view";

interface Named {
  id: string;
  name: string;
}

/** What a part of the trade brings to the desk besides what every garden has. */
export interface Capability {
  /** What of it stands on the plot, as features with the things' ids. */
  standing: (plan: Plan) => Feature[];
  /** What of it is on the bill at a price of its own. */
  paid: (plan: Plan) => Named[];
  /** What the sheet shows of it besides that. */
  Layer: ComponentType<{ view: View }>;
  /** Its part of what is asked about the ground. */
  GroundSection: ComponentType;
}

/** The one list of capabilities. */
export const capabilities: readonly Capability[] = [compost];

/** Features, and whatever else stands on the plot, in every season. */
export function standingThings(plan: Plan): Feature[] {
  return [...plan.features, ...capabilities.flatMap((capability) => capability.standing(plan))];
}

/** Sundries, and whatever else is on the bill at a price of its own. */
export function paidBesides(plan: Plan): Named[] {
  return [...plan.sundries, ...capabilities.flatMap((capability) => capability.paid(plan))];
}
