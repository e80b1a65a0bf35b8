import type { Units } from "../api/types";

/*
 * Reads and writes lengths as they stand on a tape. The program reads and writes them the same way; both are held to the same
 * list of cases (lengths.json of the core's tests).
 */

const NUMBER = "(?:\\d+\\s+\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d*)?|[.,]\\d+)";
const FOOT_MARK = "(?:ft|feet|foot|'|′|’)";
const INCH_MARK = "(?:in|inch|inches|\"|″|”|''|′′)";
const IMPERIAL = new RegExp(
  `^(-|−)?\\s*(?:(${NUMBER})\\s*${FOOT_MARK}\\.?)?\\s*(?:(${NUMBER})\\s*(?:${INCH_MARK})?\\.?)?$`,
);
const METRIC = new RegExp(`^(-|−)?\\s*(${NUMBER})\\s*(mm|cm|m)$`);
const BARE = new RegExp(`^(-|−)?\\s*(${NUMBER})$`);
const LONGEST_TEXT = 40;

export const METRES_PER_INCH = 0.0254;
const METRES = { mm: 0.001, cm: 0.01, m: 1 } as const;

/** Metres to the micrometre, or null if the text can't be read. A bare number is feet or metres, as the units say. */
export function parseLength(text: string, units: Units): number | null {
  const trimmed = text.trim().toLowerCase();
  if (trimmed === "" || trimmed.length > LONGEST_TEXT) return null;
  const bare = BARE.exec(trimmed);
  if (bare) return metres(bare[1], number(bare[2]), units === "METRIC" ? 1 : 12 * METRES_PER_INCH);
  const metric = METRIC.exec(trimmed);
  if (metric) return metres(metric[1], number(metric[2]), METRES[metric[3] as keyof typeof METRES]);
  const imperial = IMPERIAL.exec(trimmed);
  if (imperial && (imperial[2] ?? imperial[3]) !== undefined) {
    const feet = imperial[2] === undefined ? 0 : number(imperial[2]);
    const inches = imperial[3] === undefined ? 0 : number(imperial[3]);
    return metres(imperial[1], feet * 12 + inches, METRES_PER_INCH);
  }
  return null;
}

function metres(minus: string | undefined, value: number, unit: number): number | null {
  if (!Number.isFinite(value)) return null;
  const size = Math.round(value * unit * 1e6) / 1e6;
  return minus === undefined ? size : -size;
}

function number(text: string | undefined): number {
  return (text ?? "")
    .trim()
    .split(/\s+/)
    .reduce((sum, part) => sum + fraction(part), 0);
}

function fraction(text: string): number {
  const [above = "", below] = text.split("/");
  const value = Number(above.replace(",", "."));
  return below === undefined ? value : value / Number(below);
}

/** `3′ 6 1/2″` to the nearest sixteenth, or `1.07 m` to the nearest millimetre; under 10 mm `3.2 mm`, as saws and gaps are. */
export function formatLength(length: number, units: Units): string {
  return units === "METRIC" ? formatMetric(length) : formatImperial(length);
}

/** As on a measured drawing, where metres go without saying: `1.07`, `3′ 6″`. */
export function formatDimension(length: number, units: Units): string {
  return formatLength(length, units).replace(/ m$/, "");
}

function formatMetric(length: number): string {
  const millimetres = Math.round(Math.abs(length) * 1000);
  const sign = length < 0 && millimetres > 0 ? "−" : "";
  if (millimetres > 0 && millimetres < 10)
    return `${sign}${(Math.abs(length) * 1000).toFixed(1).replace(/\.0$/, "")} mm`;
  const decimals = millimetres % 10 === 0 ? 2 : 3;
  return `${sign}${(millimetres / 1000).toFixed(decimals)} m`;
}

function formatImperial(length: number): string {
  const sixteenths = Math.round((Math.abs(length) / METRES_PER_INCH) * 16);
  const sign = length < 0 && sixteenths > 0 ? "−" : "";
  const feet = Math.floor(sixteenths / 192);
  const inches = formatInches(sixteenths % 192);
  if (feet === 0) return sign + inches;
  return `${sign}${String(feet)}′${inches === "0″" ? "" : ` ${inches}`}`;
}

function formatInches(sixteenths: number): string {
  const whole = Math.floor(sixteenths / 16);
  let above = sixteenths % 16;
  let below = 16;
  if (above === 0) return `${String(whole)}″`;
  while (above % 2 === 0) {
    above /= 2;
    below /= 2;
  }
  return `${whole === 0 ? "" : `${String(whole)} `}${String(above)}/${String(below)}″`;
}
