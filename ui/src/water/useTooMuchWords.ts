import type { components } from "../api/schema";
import { monthName } from "../measure/monthDays";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type TooMuch = components["schemas"]["TooMuch"];

const TENTHS = 10;

/** Says which bed gets more than it wants, since it is watered together with a thirstier one. */
export function useTooMuchWords(): (tooMuch: TooMuch) => string {
  const { bedById } = useDesk();
  return ({ bed, month, times }) =>
    words.tooMuch(
      bedById.get(bed)?.name ?? "",
      Math.round(times * TENTHS) / TENTHS,
      monthName(month, "long"),
    );
}
