import type { Capability } from "../capabilities";
import { asFeature } from "./bays";
import { compostLayer } from "./compostLayer";
import { CompostSection } from "./CompostSection";

/** Compost bays at the desk. */
export const compost: Capability = {
  standing: (plan) => plan.compost.map(asFeature),
  paid: (plan) => plan.compost.filter(({ price }) => price),
  layers: [compostLayer],
  SunSection: CompostSection,
};
