import type { Capability } from "../capabilities";
import { asFeature } from "./bays";
import { CompostLayer } from "./CompostLayer";
import { CompostSection } from "./CompostSection";

/** Compost bays at the desk. */
export const compost: Capability = {
  standing: (plan) => plan.compost.map(asFeature),
  paid: (plan) => plan.compost.filter(({ price }) => price),
  Layer: CompostLayer,
  GroundSection: CompostSection,
};
