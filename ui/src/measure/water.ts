import type { Units } from "../api/types";

/* Flow is litres an hour and pressure kilopascals in the program; gardeners read what their buckets and gauges tell. */

const LITRES_PER_GALLON = 3.785411784;
const KILOPASCALS_PER_PSI = 6.894757293168;
const KILOPASCALS_PER_BAR = 100;
const MINUTES = 60;
const MILLIMETRES_PER_INCH = 25.4;
const SQUARE_METRES_PER_SQUARE_FOOT = 0.09290304;

/** What a pipe carries: to a tenth of a litre or a hundredth of a gallon in a minute. */
export function formatFlow(litresAnHour: number, units: Units): string {
  const litres = litresAnHour / MINUTES;
  return units === "METRIC"
    ? `${litres.toFixed(1)} L/min`
    : `${(litres / LITRES_PER_GALLON).toFixed(2)} gal/min`;
}

/** What an outlet gives in an hour. */
export function formatDrip(litresAnHour: number, units: Units): string {
  return units === "METRIC"
    ? `${String(Number(litresAnHour.toFixed(2)))} L/h`
    : `${String(Number((litresAnHour / LITRES_PER_GALLON).toFixed(2)))} gal/h`;
}

export function formatPressure(kilopascals: number, units: Units): string {
  return units === "METRIC"
    ? `${(kilopascals / KILOPASCALS_PER_BAR).toFixed(2)} bar`
    : `${(kilopascals / KILOPASCALS_PER_PSI).toFixed(1)} psi`;
}

/** What a bucket holds: litres or US gallons. */
export function formatBucket(litres: number, units: Units): string {
  return units === "METRIC"
    ? `${String(Number(litres.toFixed(2)))} L`
    : `${String(Number((litres / LITRES_PER_GALLON).toFixed(2)))} gal`;
}

/** Water over a season: whole litres or gallons, thousands set apart. */
export function formatWater(litres: number, units: Units): string {
  return units === "METRIC" ? `${whole(litres)} L` : `${whole(litres / LITRES_PER_GALLON)} gal`;
}

/** Water over an area, as deep as it would stand: millimetres, which are litres a square metre, or tenths of an inch. */
export function formatDepthOfWater(millimetres: number, units: Units): string {
  return units === "METRIC"
    ? `${millimetres.toFixed(0)} mm`
    : `${(millimetres / MILLIMETRES_PER_INCH).toFixed(1)} in`;
}

const whole = (value: number) => Math.round(value).toLocaleString("en");

const PRESSURES: Readonly<Record<string, number>> = {
  bar: KILOPASCALS_PER_BAR,
  kpa: 1,
  psi: KILOPASCALS_PER_PSI,
};
const BUCKETS: Readonly<Record<string, number>> = { l: 1, gal: LITRES_PER_GALLON };
const FLOWS: Readonly<Record<string, number>> = {
  "l/h": 1,
  "gal/h": LITRES_PER_GALLON,
  "l/min": MINUTES,
  "gal/min": MINUTES * LITRES_PER_GALLON,
};
const AREAS: Readonly<Record<string, number>> = { m2: 1, sqft: SQUARE_METRES_PER_SQUARE_FOOT };
const DRIPS: Readonly<Record<string, number>> = { "l/h": 1, "gal/h": LITRES_PER_GALLON };

/** Kilopascals from "2.8 bar", "280 kPa" or "40 psi"; a bare number is bar or psi. Null for what is none of these. */
export function parsePressure(text: string, units: Units): number | null {
  return parsed(text, PRESSURES, units === "METRIC" ? "bar" : "psi");
}

/** Litres from "10 L" or "2 gal"; a bare number is litres or gallons. */
export function parseBucket(text: string, units: Units): number | null {
  return parsed(text, BUCKETS, units === "METRIC" ? "l" : "gal");
}

/** Litres an hour from "2 L/h" or "0.5 gal/h". */
export function parseDrip(text: string, units: Units): number | null {
  return parsed(text, DRIPS, units === "METRIC" ? "l/h" : "gal/h");
}

/** Litres an hour from "20 L/min" or "5 gal/min"; a bare number is a minute's. */
export function parseFlow(text: string, units: Units): number | null {
  return parsed(text, FLOWS, units === "METRIC" ? "l/min" : "gal/min");
}

/** Square metres from "14.5 m²" or "150 sq ft"; a bare number is square metres or square feet. */
export function parseArea(text: string, units: Units): number | null {
  return parsed(
    text.replace("²", "2").replace(/sq\s*ft/i, "sqft"),
    AREAS,
    units === "METRIC" ? "m2" : "sqft",
  );
}

function parsed(text: string, sizes: Readonly<Record<string, number>>, usual: string): number | null {
  const read = /^(\d+(?:[.,]\d+)?)\s*([a-z/]*2?)$/i.exec(text.trim());
  if (!read?.[1]) return null;
  const size = sizes[read[2]?.toLowerCase() || usual];
  return size === undefined ? null : Math.round(Number(read[1].replace(",", ".")) * size * 1000) / 1000;
}
