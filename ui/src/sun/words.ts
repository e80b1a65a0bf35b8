import type { Shown } from "../workspace/desk";

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** Words of the sun. */
export const words = {
  title: "Sun",
  noBeds: "No bed stands in this season.",
  growing: "Growing",
  good: "Good for",
  monthNames: MONTHS,
  about: (least: string, most: string) =>
    `Hours of direct sun on a clear day, the mean over the soil of each bed; “Growing” is April to September, in the south October to March. The sun is up from ${least} to ${most} hours here. Clouds, and what stands off the plot, are left out.`,
  lightSum: "Light",
  aboutLight: (least: string, most: string) =>
    `“Light” is the daily light sum of the growing months in moles of photons a square metre, clouds counted by the normals under Water; in the open it runs from ${least} in the darkest half-month of the year to ${most} in the brightest.`,
  noLight: "With the normals of the weather under Water, the light sum of each bed is told here too.",
  unknown: (names: readonly string[]) =>
    `No height is known of ${names.join(", ")}: give ${names.length === 1 ? "it" : "them"} one under Ground, else ${names.length === 1 ? "it casts" : "they cast"} no shadow here.`,
  onTheSheet: "Light on the sheet",
  shows: {
    SHADOWS: "the shadows at an hour",
    DAY: "the sun of a day",
    GROWING: "the sun of the growing months",
    NOTHING: "nothing of the sun",
  } satisfies Record<Shown["sun"]["what"], string>,
  day: "Day of the year",
  dayName: (date: string) => `${String(Number(date.slice(8)))} ${MONTHS[Number(date.slice(5, 7)) - 1] ?? ""}`,
  hour: "Time by the sun",
  noSun: "The sun does not rise on that day.",
  stands: (altitude: string, point: string) => `The sun stands ${altitude}° high in the ${point}.`,
  hidden: "The horizon hides it. ",
  sunTime: "At 12:00 it stands highest, give or take a quarter of an hour.",
  clock: (time: string) => `The clock shows ${time}.`,
  grade: (least: number, label: string) =>
    least > 0 ? `${String(least)} h and more: ${label}` : `less: ${label}`,
  share: (share: number) => `${(100 * share).toFixed(0)} %`,
  finer: (done: number, days: number) =>
    days > 0
      ? `A finer map is on its way: day ${String(done)} of ${String(days)}.`
      : "A finer map is on its way.",
  keepCoarse: "Keep this one",
  sunnier: (more: number) => `Show ${String(more)} beds that have more sun`,
  onlyDarkest: "Show only those with least sun",
  beds: "Sun on the beds in the growing months",
  hours: (hours: string) => `${hours} h`,
  tried: "Hours before and after the edit that is being tried.",
  light: (moles: string) => `light sum ${moles} mol/m² a day`,
  less: (takers: readonly string[]) => `less by ${takers.join(", ")}`,
  band: (least: string, most: string) => `${least} to ${most} hours through the year`,
  compare: "What if …?",
  compareWhat: "Thing or bed to try otherwise",
  choose: "choose one",
  noOtherWay: "There is no other way with it.",
  total: (hours: number) =>
    `${hours >= 0 ? "+" : "−"}${Math.abs(hours).toFixed(1)} h a day for all beds together in the growing months`,
  beforeAfter: (before: string, after: string) => `${before} → ${after} h`,
  doIt: "Do it",
  shelf: "A shelf that shades nothing",
  noBearer: "Nothing stands here on which a shelf could hang: no wall, fence or house.",
  shelfOn: "Shelf, wire or roof edge on",
  shelfFirst: "First month that matters",
  shelfLast: "Last month",
  findShelf: "How far may it stand out?",
  noSide: "It has no side of half a metre or more.",
  shelfSide: (side: string, length: string) => `On the ${side} side, ${length} long`,
  shelfBest: (depth: string, height: string) => `up to ${depth} deep, at ${height}`,
  noShelf: "at no height, without shading soil",
  shelfSun:
    "Its shadow never falls on the soil of a bed while the sun stands 15° high or higher; no shelf is taken deeper than a metre. The ground is taken as level.",
  shelfView: (side: string, depth: string, height: string) =>
    `Section of the ${side} side: shelves up to ${depth} deep, at heights up to ${height}`,
  sideViews: "Print all structures from the side (PDF)",
  asPaper: "All months as a table",
  horizon: "Horizon and clock",
  horizonHint: "Hills and houses far off: how high they stand above the level, by direction.",
  skyline: { direction: "Direction, ° from north", height: "Height, °" },
  forget: (direction: number) => `Forget what stands at ${String(direction)}°`,
  writeDegrees: "Write degrees as a number, like 12.5; the skyline stays as it was.",
  addSkyline: "Add a direction",
  zone: "Clock",
  bySun: "the sun's own time",
  longitudeMissing: "Give the longitude under Ground: without it no clock can be told from the sun.",
} as const;
