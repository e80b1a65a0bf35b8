import type { Units } from "../api/types";
import { readNumber } from "../measure/numbers";
import { weatherUnits } from "../measure/weather";

/** Millimetres of rain or degrees Celsius from what is typed; undefined for nothing, null for what is no figure. */
export function readWeather(
  what: "rain" | "lowest" | "highest",
  text: string,
  units: Units,
): number | undefined | null {
  if (text.trim() === "") return undefined;
  const read = readNumber(text);
  const { fromRain, fromTemperature } = weatherUnits(units === "METRIC");
  return read === null ? null : what === "rain" ? fromRain(read) : fromTemperature(read);
}

/** As it was measured, to a tenth of a degree. */
export function formatDegrees(celsius: number, units: Units): string {
  const { temperature, toTemperature } = weatherUnits(units === "METRIC");
  return `${String(toTemperature(celsius)).replace("-", "−")} ${temperature}`;
}

/** As it was measured: to a tenth of a millimetre, or a hundredth of an inch. */
export function formatRain(millimetres: number, units: Units): string {
  const { rain, toRain } = weatherUnits(units === "METRIC");
  return units === "METRIC"
    ? `${millimetres.toFixed(1)} ${rain}`
    : `${toRain(millimetres).toFixed(2)} ${rain}`;
}
