import type { components } from "../api/schema";
import type { Change, Feature, Point, Units } from "../api/types";
import { useDesk, type Desk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { useTold } from "../workspace/useTold";

export type Trellis = components["schemas"]["Trellis"];
export type TrellisTold = components["schemas"]["TrellisTold"];
export type TrellisProposal = components["schemas"]["TrellisProposal"];
export type KindView = Desk["catalogue"]["trellises"]["kinds"][number];

/** What stands upright is taken to be so thick, metres. */
const THICKNESS = 0.05;

/** How the trellises of the season stand. */
export function useTrellises(): readonly TrellisTold[] {
  return useTold<TrellisTold>("trellises", useDesk().plan.trellises);
}

/** Draws a trellis along places, of the usual kind. */
export function useDrawTrellis() {
  const { submit } = useDesk();
  const { ask, fault, setFault } = useAsked<Change>();

  async function draw(places: readonly Point[], refused: (message: string) => void = setFault) {
    const change = await ask("trellises/lines", { body: { places }, refused });
    if (change) submit(change, refused);
  }

  return { draw, fault };
}

/** A trellis as it stands on the plot. */
export function asFeature({ id, name, kind, places, base, height, lifetime }: Trellis): Feature {
  return {
    id,
    name,
    kind: "TRELLIS",
    places,
    breadth: kind === "A_FRAME" || kind === "TEEPEE" ? base : THICKNESS,
    margin: 0,
    height,
    depth: 0,
    bareInWinter: false,
    lifetime,
  };
}

/** The place so far along a line, as a share of all of it. */
export function alongLine(places: readonly Point[], share: number): Point {
  const sides = places.slice(1).map((to, index) => {
    const from = places[index] ?? to;
    return { from, to, length: Math.hypot(to.x - from.x, to.y - from.y) };
  });
  let left = share * sides.reduce((sum, { length }) => sum + length, 0);
  for (const { from, to, length } of sides) {
    if (left <= length) {
      const part = length > 0 ? left / length : 0;
      return { x: from.x + part * (to.x - from.x), y: from.y + part * (to.y - from.y) };
    }
    left -= length;
  }
  return places.at(-1) ?? { x: 0, y: 0 };
}

/** Of another kind, with its posts or stakes as far apart as is usual for it. */
export function asKind(trellis: Trellis, kind: KindView, units: Units): Trellis {
  return { ...trellis, kind: kind.key, apart: units === "METRIC" ? kind.metric : kind.imperial };
}
