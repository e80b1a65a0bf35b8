import type { Capability } from "../capabilities";
import { bowLayer, tunnelLayer } from "./layers";
import { TunnelsSection } from "./TunnelsSection";
import { asFeatures } from "./tunnels";

/** Walk-in tunnels at the desk. */
export const tunnel: Capability = {
  standing: (plan) => plan.tunnels.flatMap(asFeatures),
  paid: () => [],
  layers: [tunnelLayer],
  onBeds: [bowLayer],
  SunSection: TunnelsSection,
};
