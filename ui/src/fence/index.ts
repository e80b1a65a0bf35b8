import type { Capability } from "../capabilities";
import { asFeature } from "./fence";
import { fenceLayer } from "./layers";

/** Fences at the desk. */
export const fence: Capability = {
  standing: (plan) => plan.fences.map(asFeature),
  paid: () => [],
  named: (plan) => plan.pests,
  layers: [],
  onBeds: [fenceLayer],
};
