import type { Capability } from "../capabilities";
import { CoversSection } from "./CoversSection";
import { coverLayer } from "./layers";

/** Covers on beds at the desk. */
export const cover: Capability = {
  standing: () => [],
  paid: () => [],
  named: (plan) => plan.bedCovers,
  layers: [],
  onBeds: [coverLayer],
  SunSection: CoversSection,
};
