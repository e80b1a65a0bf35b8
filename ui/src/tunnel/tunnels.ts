import type { components } from "../api/schema";
import type { Change, Feature, Point } from "../api/types";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { useTold } from "../workspace/useTold";

export type WalkInTunnel = components["schemas"]["WalkInTunnel"];
export type TunnelTold = components["schemas"]["TunnelTold"];

/** Its sides are taken to be so thick, metres. */
const THICKNESS = 0.05;

/** How the tunnels of the season stand. */
export function useTunnels(): readonly TunnelTold[] {
  return useTold<TunnelTold>("tunnels", useDesk().plan.tunnels);
}

/** Builds a tunnel round some beds, or on free ground where none is named; why it failed. */
export function useNewTunnel() {
  const { submit } = useDesk();
  const { ask, fault, setFault } = useAsked<Change>();

  async function build(beds: readonly string[]) {
    const change = await ask("tunnels/proposals", { body: { beds } });
    if (change) submit(change, setFault);
  }

  return { build, fault };
}

/** The place on the plot of a place along a tunnel and to the left of its middle. */
export function at({ place }: WalkInTunnel, along: number, across: number): Point {
  const turn = (place.turn * Math.PI) / 180;
  return {
    x: place.centre.x + along * Math.cos(turn) + across * Math.sin(turn),
    y: place.centre.y - along * Math.sin(turn) + across * Math.cos(turn),
  };
}

/** Its sides and ends, one line between two doors, or all round to the one. */
export function sides(tunnel: WalkInTunnel): Point[][] {
  const along = tunnel.place.length / 2;
  const across = tunnel.place.width / 2;
  const left = tunnel.doorAside + tunnel.doorWidth / 2;
  const right = tunnel.doorAside - tunnel.doorWidth / 2;
  const leftSide = [at(tunnel, along, left), at(tunnel, along, across), at(tunnel, -along, across)];
  const rightSide = [at(tunnel, -along, -across), at(tunnel, along, -across), at(tunnel, along, right)];
  return tunnel.doors === 1
    ? [[...leftSide, ...rightSide]]
    : [
        [...leftSide, at(tunnel, -along, left)],
        [at(tunnel, -along, right), ...rightSide],
      ];
}

/** As it stands on the plot: one gets in by its doors only. */
export function asFeatures(tunnel: WalkInTunnel): Feature[] {
  return sides(tunnel).map((places) => ({
    id: tunnel.id,
    name: tunnel.name,
    kind: "TUNNEL",
    places,
    breadth: THICKNESS,
    margin: 0,
    height: tunnel.rise,
    depth: 0,
    bareInWinter: false,
    lifetime: tunnel.lifetime,
  }));
}
