import type { Capability } from "../capabilities";
import { HoopsSection } from "./HoopsSection";
import { hoopLayer } from "./layers";

/** Hoops over beds at the desk. */
export const hoop: Capability = {
  standing: () => [],
  paid: () => [],
  named: (plan) => plan.hoops,
  layers: [],
  onBeds: [hoopLayer],
  SunSection: HoopsSection,
};
