import type { Change } from "../api/types";
import { useAsked } from "../workspace/useAsked";
import { useDesk } from "../workspace/desk";
import { useTold } from "../workspace/useTold";
import type { CompostTold } from "./bays";

/** How much the bays of the season hold and how far the beds are from them. */
export function useCompost(): readonly CompostTold[] {
  return useTold<CompostTold>("compost", useDesk().plan.compost);
}

/** New bays where there is room for them, as an edit that is not made yet. */
export function useNewBays() {
  const { ask, fault, setFault } = useAsked<Change>();
  const proposed = (gate: string | undefined, refused: (message: string) => void = setFault) =>
    ask("compost/proposals", { refused, besides: gate === undefined ? {} : { gate } });
  return { fault, setFault, proposed };
}
