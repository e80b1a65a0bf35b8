import type { Units } from "../api/types";
import { KILOGRAMS_PER_POUND, SQUARE_METRES_PER_SQUARE_FOOT } from "./figures";
import { plainNumber } from "./numbers";

/* What is eaten: kilograms in the program, pounds for those who weigh so. */

const FEW = 10;

/** To a tenth below ten, else whole. */
export function formatFood(kilograms: number, units: Units): string {
  const weight = units === "METRIC" ? kilograms : kilograms / KILOGRAMS_PER_POUND;
  return `${weight.toFixed(weight < FEW && weight > 0 ? 1 : 0)} ${units === "METRIC" ? "kg" : "lb"}`;
}

/** For each square metre, or each square foot. */
export function formatFoodPerArea(kilogramsPerSquareMetre: number, units: Units): string {
  return units === "METRIC"
    ? `${kilogramsPerSquareMetre.toFixed(1)} kg/m²`
    : `${((kilogramsPerSquareMetre * SQUARE_METRES_PER_SQUARE_FOOT) / KILOGRAMS_PER_POUND).toFixed(2)} lb/sq ft`;
}

/** Kilograms; null for what is none. A unit that is typed counts, else that of the garden. */
export function parseFood(text: string, units: Units): number | null {
  const [, figure = "", unit] = /^(.*?)\s*(kg|lbs?)?$/i.exec(text.trim()) ?? [];
  const value = Number(plainNumber(figure));
  if (figure.trim() === "" || !Number.isFinite(value)) return null;
  const pounds = unit === undefined ? units !== "METRIC" : unit.toLowerCase() !== "kg";
  return pounds ? value * KILOGRAMS_PER_POUND : value;
}
