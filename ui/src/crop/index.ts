import type { Capability } from "../capabilities";
import { cropLayer } from "./layers";

/** What grows in the beds at the desk. */
export const crop: Capability = {
  standing: () => [],
  paid: () => [],
  named: (plan) => plan.plantings,
  layers: [],
  onBeds: [cropLayer],
};
