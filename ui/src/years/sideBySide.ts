import type { Units } from "../api/types";
import { formatFoodPerArea } from "../measure/food";
import { words } from "./words";

/** A figure, or a dash where there is none. */
export function told<T>(value: T | undefined, text: (value: T) => string): string {
  return value === undefined ? words.nothing : text(value);
}

/** So many for each square metre or square foot, a dash where there is no soil. */
export function perArea(value: number | undefined, units: Units): string {
  return told(value, (each) => formatFoodPerArea(each, units));
}
