import type { components } from "../api/schema";
import type { Change, Feature, Rectangle } from "../api/types";
import { corners } from "../sheet/geometry";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { useTold } from "../workspace/useTold";

export type Furniture = components["schemas"]["Furniture"];
export type FurnitureTold = components["schemas"]["FurnitureTold"];
export type BoardPart = Furniture["boards"][number];
export type SheetRow = Furniture["sheets"][number];

/** As it stands on the plot: what is drawn, and what walks go round. */
export function asFeature({ id, name, place, height, lifetime }: Furniture): Feature {
  return { id, name, kind: "BENCH", places: corners(place), margin: 0, height, lifetime };
}

/** What the furniture of the season is built of. */
export function useFurniture(): readonly FurnitureTold[] {
  return useTold<FurnitureTold>("furniture", useDesk().plan.furniture);
}

/** Builds something of a kind, where there is room or at a place of one's own; why it failed. */
export function useNewFurniture() {
  const { submit } = useDesk();
  const { ask, fault, setFault } = useAsked<Change>();

  async function build(
    kind: Furniture["kind"],
    place?: Rectangle,
    refused: (message: string) => void = setFault,
  ) {
    const change = await ask("furniture/proposals", { besides: { kind }, refused });
    if (change?.kind !== "PutFurniture") return;
    submit(place ? { ...change, furniture: { ...change.furniture, place } } : change, refused);
  }

  /** Lists the pieces of something as one's own. */
  async function own(id: string) {
    const change = await ask(`furniture/${id}/pieces`);
    if (change) submit(change, setFault);
  }

  return { build, own, fault };
}
