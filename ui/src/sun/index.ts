import type { Capability } from "../capabilities";
import { sunLayer } from "./layers";

/** The sun at the desk. */
export const sun: Capability = {
  standing: () => [],
  paid: () => [],
  layers: [],
  onBeds: [sunLayer],
};
