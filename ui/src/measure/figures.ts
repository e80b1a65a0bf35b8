import type { Money, Units } from "../api/types";

export const SQUARE_METRES_PER_SQUARE_FOOT = 0.09290304;
const METRES_PER_FOOT = 0.3048;
/** Standard gravity, metres per second squared. */
const GRAVITY = 9.80665;
export const KILOGRAMS_PER_POUND = 0.45359237;
const LITRES_PER_CUBIC_FOOT = 28.316846592;

export function formatArea(squareMetres: number, units: Units): string {
  return units === "METRIC"
    ? `${squareMetres.toFixed(2)} m²`
    : `${(squareMetres / SQUARE_METRES_PER_SQUARE_FOOT).toFixed(1)} sq ft`;
}

/** What is spread on soil, kilograms to a square metre; in pounds to as much as a small plot. */
export function formatSpread(kilograms: number, units: Units): string {
  const pounds = (100 * kilograms * SQUARE_METRES_PER_SQUARE_FOOT) / KILOGRAMS_PER_POUND;
  return units === "METRIC"
    ? `${String(kilograms)} kg to a square metre`
    : `${pounds.toFixed(0)} lb to 100 square feet`;
}

/** How far one walks: to a decimetre or a foot, since nobody walks along a tape. */
export function formatDistance(metres: number, units: Units): string {
  return units === "METRIC" ? `${metres.toFixed(1)} m` : `${(metres / METRES_PER_FOOT).toFixed(0)} ft`;
}

export function formatVolume(litres: number, units: Units): string {
  if (units === "METRIC")
    return litres < 1000 ? `${litres.toFixed(0)} L` : `${(litres / 1000).toFixed(2)} m³`;
  const cubicFeet = litres / LITRES_PER_CUBIC_FOOT;
  return cubicFeet < 27 ? `${cubicFeet.toFixed(1)} cu ft` : `${(cubicFeet / 27).toFixed(2)} cu yd`;
}

const LITRES: Readonly<Record<string, number>> = {
  l: 1,
  m3: 1000,
  "m³": 1000,
  "cu ft": LITRES_PER_CUBIC_FOOT,
  "cu yd": 27 * LITRES_PER_CUBIC_FOOT,
};

/** Litres from "250 L", "0,5 m³", "3 cu ft" or "1 cu yd"; a bare number is litres or cubic feet. Null for what is none of these. */
export function parseVolume(text: string, units: Units): number | null {
  const read = /^(\d+(?:[.,]\d+)?)\s*(l|m3|m³|cu ft|cu yd)?$/i.exec(text.trim());
  if (!read?.[1]) return null;
  const litres = LITRES[read[2]?.toLowerCase() ?? (units === "METRIC" ? "l" : "cu ft")];
  return litres === undefined ? null : Math.round(Number(read[1].replace(",", ".")) * litres * 1000) / 1000;
}

/** A load: to a tenth of a tonne, or to a hundred pounds. */
export function formatTonnes(tonnes: number, units: Units): string {
  return units === "METRIC"
    ? `${tonnes.toFixed(1)} t`
    : `${(Math.round((tonnes * 1000) / KILOGRAMS_PER_POUND / 100) * 100).toLocaleString("en")} lb`;
}

/** Of one thing that somebody lifts, dry to wet. */
export function formatWeight(leastKilograms: number, mostKilograms: number, units: Units): string {
  const [each, unit] = units === "METRIC" ? [1, "kg"] : [1 / KILOGRAMS_PER_POUND, "lb"];
  return `${(leastKilograms * each).toFixed(0)} to ${(mostKilograms * each).toFixed(0)} ${unit}`;
}

/** Whole degrees. */
export function formatTemperature(celsius: number, units: Units): string {
  return units === "METRIC" ? `${celsius.toFixed(0)} °C` : `${(32 + 1.8 * celsius).toFixed(0)} °F`;
}

/** About what one thing weighs. */
export function formatMass(kilograms: number, units: Units): string {
  return units === "METRIC"
    ? `${kilograms.toFixed(0)} kg`
    : `${(kilograms / KILOGRAMS_PER_POUND).toFixed(0)} lb`;
}

const GRAMS_PER_OUNCE = 28.349523125;
const MILLIMETRES_PER_INCH = 25.4;

/** What is weighed on a kitchen scale. */
export function formatGrams(kilograms: number, units: Units): string {
  const grams = kilograms * 1000;
  return units === "METRIC" ? `${grams.toFixed(0)} g` : `${(grams / GRAMS_PER_OUNCE).toFixed(1)} oz`;
}

/** How thick a strip is. */
export function formatThickness(metres: number, units: Units): string {
  const millimetres = metres * 1000;
  return units === "METRIC"
    ? `${millimetres.toFixed(1)} mm`
    : `${(millimetres / MILLIMETRES_PER_INCH).toFixed(2)} in`;
}

/** What lies on each metre or foot of a line. */
export function formatLoad(kilogramsAMetre: number, units: Units): string {
  return units === "METRIC"
    ? `${kilogramsAMetre.toFixed(0)} kg a metre`
    : `${((kilogramsAMetre * METRES_PER_FOOT) / KILOGRAMS_PER_POUND).toFixed(0)} lb a foot`;
}

/** The weight that presses or pulls as hard as a force. */
export function formatPull(newtons: number, units: Units): string {
  return formatMass(newtons / GRAVITY, units);
}

/** A force: to a tenth of a kilonewton, or to ten pounds of weight. */
export function formatForce(newtons: number, units: Units): string {
  return units === "METRIC"
    ? `${(newtons / 1000).toFixed(1)} kN`
    : `${(Math.round(newtons / (KILOGRAMS_PER_POUND * GRAVITY) / 10) * 10).toLocaleString("en")} lb`;
}

/** How much a material weighs by its volume, and how stiff it is, in one unit of each kind. */
interface MaterialUnit {
  name: string;
  /** Of the program's own: kilograms per cubic metre, gigapascals. */
  size: number;
  decimals: number;
}

const POUNDS_PER_CUBIC_FOOT = KILOGRAMS_PER_POUND / METRES_PER_FOOT ** 3;
/** Newtons of a pound's weight by standard gravity on a square inch, by a thousand million pascals. */
const MILLION_PSI = (KILOGRAMS_PER_POUND * GRAVITY) / 0.0254 ** 2 / 1000;

export function densityUnit(units: Units): MaterialUnit {
  return units === "METRIC"
    ? { name: "kg/m³", size: 1, decimals: 0 }
    : { name: "lb/cu ft", size: POUNDS_PER_CUBIC_FOOT, decimals: 0 };
}

export function stiffnessUnit(units: Units): MaterialUnit {
  return units === "METRIC"
    ? { name: "GPa", size: 1, decimals: 1 }
    : { name: "million psi", size: MILLION_PSI, decimals: 2 };
}

/** The figure alone; what is after the point only where there is something. */
export function inUnit(value: number, { size, decimals }: MaterialUnit): string {
  return String(Number((value / size).toFixed(decimals)));
}

/** A whole figure in the gardener's unit of weight, kilograms or pounds. */
export function fromKilograms(kilograms: number, units: Units): number {
  return Math.round(units === "METRIC" ? kilograms : kilograms / KILOGRAMS_PER_POUND);
}

/** Whole kilograms; 0, which the program refuses, for what is no plain number. */
export function toKilograms(text: string, units: Units): number {
  const weight = /^\d{1,6}$/.test(text.trim()) ? Number(text) : 0;
  return Math.round(units === "METRIC" ? weight : weight * KILOGRAMS_PER_POUND);
}

/** An amount with its currency's sign; the digits are the program's own, grouped by threes. */
export function formatMoney(money: Money): string {
  const [whole = "0", decimals] = money.amount.replace("-", "").split(".");
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ",");
  const sign = money.amount.startsWith("-") ? "−" : "";
  return `${sign}${currencySign(money.currency)}${grouped}${decimals === undefined ? "" : `.${decimals}`}`;
}

/** The same without the sign, for columns whose heading names the currency. */
export function formatAmount(money: Money): string {
  return formatMoney(money).replace(currencySign(money.currency), "");
}

/** Nothing, with as many decimals. */
export function zeroLike({ amount, currency }: Money): Money {
  const [, decimals] = amount.split(".");
  return { amount: decimals === undefined ? "0" : `0.${"0".repeat(decimals.length)}`, currency };
}

/** As {@link formatMoney}, with a plus where it costs more. */
export function formatDifference(money: Money): string {
  return Number(money.amount) > 0 ? `+${formatMoney(money)}` : formatMoney(money);
}

const signs = new Map<string, string>();

function currencySign(currency: string): string {
  const known = signs.get(currency) ?? signOf(currency);
  signs.set(currency, known);
  return known;
}

function signOf(currency: string): string {
  const parts = new Intl.NumberFormat("en", { style: "currency", currency, currencyDisplay: "narrowSymbol" });
  const sign = parts.formatToParts(0).find((part) => part.type === "currency")?.value ?? currency;
  return sign.length > 1 ? `${sign} ` : sign;
}

export function formatShare(share: number): string {
  const percent = Math.round(share * 100);
  return percent === 0 && share > 0 ? "<1 %" : `${String(percent)} %`;
}
