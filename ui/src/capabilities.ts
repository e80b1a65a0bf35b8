import type { ComponentType } from "react";
import type { Feature, Plan } from "./api/types";
import { arch } from "./arch";
import { bedLayer } from "./bed/bedLayer";
import { compost } from "./compost";
import { cover } from "./cover";
import { crop } from "./crop";
import { fence } from "./fence";
import { furniture } from "./furniture";
import { hoop } from "./hoop";
import { featureLayer, wayInLayer } from "./ground/layers";
import { walkLayer } from "./reach/walkLayer";
import type { Layer } from "./sheet/layer";
import { sun } from "./sun";
import { trellis } from "./trellis";
import { tunnel } from "./tunnel";
import { water } from "./water";

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
  /** What of it has a name and neither stands on the plot nor has a price of its own. */
  named?: (plan: Plan) => Named[];
  /** Its things on the sheet, from the ground up. */
  layers: readonly Layer[];
  /** What lies on the beds or may stand in them. */
  onBeds?: readonly Layer[];
  /** Its part of what is asked about the ground, if it has one. */
  GroundSection?: ComponentType;
  /** Its part of what is asked about the sun and what stands on or over beds, if it has one. */
  SunSection?: ComponentType;
}

/** The one list of capabilities. */
export const capabilities: readonly Capability[] = [
  water,
  fence,
  hoop,
  cover,
  arch,
  trellis,
  tunnel,
  compost,
  furniture,
  crop,
  sun,
];

/** What the sheet shows, from the ground up. */
export const layers: readonly Layer[] = [
  walkLayer,
  featureLayer,
  ...capabilities.flatMap((capability) => capability.layers),
  wayInLayer,
  bedLayer,
  ...capabilities.flatMap(({ onBeds }) => onBeds ?? []),
];

/** Features, and whatever else stands on the plot, in every season. */
export function standingThings(plan: Plan): Feature[] {
  return [...plan.features, ...capabilities.flatMap((capability) => capability.standing(plan))];
}

/** Everything that a snag or a line of the bill may be about, by its name. */
export function allNamed(plan: Plan): Named[] {
  return [
    ...plan.beds,
    ...plan.walks,
    ...plan.waysIn,
    ...standingThings(plan),
    ...capabilities.flatMap(({ named }) => named?.(plan) ?? []),
  ];
}

/** Sundries, and whatever else is on the bill at a price of its own. */
export function paidBesides(plan: Plan): Named[] {
  return [...plan.sundries, ...capabilities.flatMap((capability) => capability.paid(plan))];
}
