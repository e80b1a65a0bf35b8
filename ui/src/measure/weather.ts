/** Degrees Celsius and millimetres as one reads them: Fahrenheit and inches where one measures in feet. */
export interface WeatherUnits {
  temperature: string;
  rain: string;
  toTemperature: (celsius: number) => number;
  fromTemperature: (shown: number) => number;
  toRain: (millimetres: number) => number;
  fromRain: (shown: number) => number;
}

const INCH = 25.4;
const rounded = (value: number, decimals: number) => Number(value.toFixed(decimals));

export function weatherUnits(metric: boolean): WeatherUnits {
  return metric
    ? {
        temperature: "°C",
        rain: "mm",
        toTemperature: (celsius) => rounded(celsius, 1),
        fromTemperature: (shown) => shown,
        toRain: (millimetres) => rounded(millimetres, 0),
        fromRain: (shown) => shown,
      }
    : {
        temperature: "°F",
        rain: "in",
        toTemperature: (celsius) => rounded((celsius * 9) / 5 + 32, 1),
        fromTemperature: (shown) => rounded(((shown - 32) * 5) / 9, 2),
        toRain: (millimetres) => rounded(millimetres / INCH, 2),
        fromRain: (shown) => rounded(shown * INCH, 2),
      };
}
