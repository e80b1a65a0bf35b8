import type { Capability } from "../capabilities";
import { asFeature } from "./furniture";
import { FurnitureSection } from "./FurnitureSection";
import { furnitureLayer } from "./layers";

/** Furniture at the desk. */
export const furniture: Capability = {
  standing: (plan) => plan.furniture.map(asFeature),
  paid: () => [],
  layers: [furnitureLayer],
  SunSection: FurnitureSection,
};
