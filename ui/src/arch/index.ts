import type { Capability } from "../capabilities";
import { ArchesSection } from "./ArchesSection";
import { archLayer } from "./layers";

/** Arches between beds at the desk. */
export const arch: Capability = {
  standing: () => [],
  paid: () => [],
  named: (plan) => plan.arches,
  layers: [],
  onBeds: [archLayer],
  SunSection: ArchesSection,
};
