import type { Units } from "../api/types";
import { plainNumber } from "./numbers";

/* What is heaped in a vessel, as beans in a basket: litres in the program, dry quarts for those who measure in feet. */

/** Of the United States: 67.200625 cubic inches. */
const LITRES_PER_DRY_QUART = 1.101220942715;
const FEW = 10;

/** To a tenth below ten, else whole. */
export function formatHeap(litres: number, units: Units): string {
  const much = units === "METRIC" ? litres : litres / LITRES_PER_DRY_QUART;
  return `${much.toFixed(much < FEW ? 1 : 0)} ${units === "METRIC" ? "L" : "qt"}`;
}

/** Litres; null for what is none. A unit that is typed counts, else that of the garden. */
export function parseHeap(text: string, units: Units): number | null {
  const [, figure = "", unit] = /^(.*?)\s*(l|qts?)?$/i.exec(text.trim()) ?? [];
  const value = Number(plainNumber(figure));
  if (figure.trim() === "" || !Number.isFinite(value)) return null;
  const quarts = unit === undefined ? units !== "METRIC" : unit.toLowerCase() !== "l";
  return quarts ? value * LITRES_PER_DRY_QUART : value;
}
