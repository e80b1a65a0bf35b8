import type { Capability } from "../capabilities";
import { barrelLayer, linesLayer, runLayer, tapLayer } from "./layers";
import { asFeature } from "./water";

/** Water at the desk. */
export const water: Capability = {
  standing: (plan) => [...plan.taps, ...plan.barrels].map(asFeature),
  paid: () => [],
  layers: [runLayer, tapLayer, barrelLayer],
  onBeds: [linesLayer],
};
