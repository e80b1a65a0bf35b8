import type { Capability } from "../capabilities";
import { trellisLayer } from "./layers";
import { asFeature } from "./trellises";
import { TrellisesSection } from "./TrellisesSection";

/** Trellises at the desk. */
export const trellis: Capability = {
  standing: (plan) => plan.trellises.map(asFeature),
  paid: () => [],
  layers: [],
  onBeds: [trellisLayer],
  SunSection: TrellisesSection,
};
