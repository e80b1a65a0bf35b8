/** Words of what goes from bed to bed. */
export const words = {
  nothing: "Over no bed yet.",
  from: "There from season",
  until: "Gone from it in",
  takeOff: (bed: string) => `Off ${bed}`,
  oneMore: "Over one bed more",
  choose: "choose a bed",
  aBed: "a bed that is gone",
  fits: (names: readonly string[]) => `As it is made it also fits ${names.join(", ")}.`,
  fitsNothing: "It fits no other bed of this season.",
  overThese: "Put it over these too",
  pulls: (wind: string, pull: string) => `A ${wind} pulls at a foot as hard as ${pull}.`,
  stakes: (stakes: number, thick: string, deep: string) =>
    `${String(stakes)} stakes, ${thick} thick and driven ${deep} deep, hold it down,`,
  each: (each: string) => ` ${each} each in the softest ground.`,
  strips: (count: number, thickness: string) =>
    count === 1
      ? `A single strip, ${thickness} thick, bends so far.`
      : `Each bow is ${String(count)} strips of ${thickness}, glued on each other over a form.`,
  ripped: (board: string, strips: number) =>
    `A board ${board} gives ${String(strips)} of them beside each other`,
  rest: (left: string) => ` and a rest of ${left}`,
  glue: (weight: string, clamps: number) =>
    `A bow takes ${weight} of waterproof glue and ${String(clamps)} clamps, and stays on the form for a day.`,
  layers: "Length of each strip, with its feet",
  layer: (layer: number, of: number) =>
    layer === 1 ? "1, innermost" : layer === of ? `${String(layer)}, outermost` : String(layer),
  sheets: "How the sheets are cut",
  noSheets: "No sheets are cut.",
  sheet: (label: string, pieces: string) => `${label}: ${pieces}`,
  bought: (sheets: number) => (sheets === 1 ? "1 sheet" : `${String(sheets)} sheets`),
  for: (cost: string) => ` for ${cost}`,
  least: "no way to cut them costs less.",
  bound: (bound: string) => `none found costs less, and none can cost less than ${bound}.`,
  noneFound: "none found costs less.",
  quick: "laid out by the quick rule; there may be a cheaper way.",
  looking: "Looking for the cheapest way to cut them",
  goods: "kinds of sheets",
  stop: "Stop looking for a cheaper way",
  stopped: "Stopped: what is left is laid out by the quick rule.",
} as const;
