/** Words of trellises. */
export const words = {
  title: "Trellises",
  kind: "a trellis",
  none: "None yet. Nets, panels and canes carry what climbs. They shade what lies behind them: the best side of a bed is worked out.",
  draw: "Draw a trellis",
  drawHint: "Drag from one end to the other; corners are set below, or on the sheet.",
  byNumbers: "Trellis by numbers",
  putThere: "Put the trellis there",
  bestSide: (bed: string) => `Best side of ${bed}`,
  chooseBed: "Select one bed on the sheet to learn on which side of it a trellis shades least.",
  onSide: (side: string, length: string) => `On the ${side} side, ${length} long`,
  takes: (hours: string, bed: string) => `takes ${hours} h of sun a day from the beds, most from ${bed}`,
  takesNothing: "takes no sun worth telling",
  noSide: "No side of this bed is long enough for a trellis.",
  takeDown: (name: string) => `Take down ${name}`,
  what: "Make",
  height: "Height of its top",
  apart: { posts: "Posts apart, at most", stakes: "Stakes apart", feet: "Feet apart, at most" },
  base: "Width at the ground",
  posts: "What holds it up",
  wind: "Where it stands",
  windHint: (called: string, speed: string) =>
    `Its posts are held against a ${called} (${speed}) in full leaf.`,
  speed: {
    METRIC: (metres: number) => `${(metres * 3.6).toFixed(0)} km/h`,
    FEET_AND_INCHES: (metres: number) => `${(metres / 0.44704).toFixed(0)} mph`,
  },
  lasts: (seasons: number) => `It lasts about ${String(seasons)} seasons.`,
  stands: (beds: readonly string[]) => `It belongs to ${beds.join(" and ")}.`,
  setPosts: (count: number, bought: string, depth: string) =>
    `${String(count)} posts of ${bought}, ${depth} in the ground`,
  forWind: "for the wind, in soft ground",
  byCustom: "half as deep as high, as is usual",
  bears: (push: string, used: string) =>
    `In full leaf the wind pushes each post with ${push}: ${used} of what it bears before it bends.`,
  fullCrop: (mass: string) => `In full crop about ${mass} of vines and fruit hang on it.`,
  pulled: (pull: string, used: string, depth: string) =>
    `That pulls each post at an end inwards with ${pull}: ${used} of what it bears before it bends; in soft ground it holds from ${depth} deep.`,
  covered: {
    NETTING: "of net",
    PANEL: "of panel",
    STAKES: "of panel to cut up",
    A_FRAME: "of panel",
  } as Record<string, string | undefined>,
  rows: {
    WIRES: (rows: number) => `${String(rows)} wires one above the other`,
    PANEL: (rows: number) => (rows === 1 ? "one row of panels" : `${String(rows)} rows of panels`),
  } as Record<string, ((rows: number) => string) | undefined>,
  canes: (teepees: number, canes: number, length: string) =>
    `${teepees === 1 ? "1 teepee" : `${String(teepees)} teepees`} of ${String(canes)} canes, each ${length} long at least`,
  stakes: (count: number, length: string) => `${String(count)} stakes, each ${length} long`,
  sides: (length: string) => `Each leaning side is ${length} long from foot to top`,
  weighs: (mass: string) => `${mass} in all`,
  elevation: (name: string, length: string, height: string) =>
    `${name} seen from its side: ${length} long, ${height} high`,
  driving:
    "Have buried lines marked before you dig or drive posts. Cap the ends of canes and stakes: they are at the height of eyes.",
} as const;
