/** Words of hoops. */
export const words = {
  title: "Hoops over beds",
  none: "None yet. Bows of pipe carry a fleece, a net or a film over a bed; one set can move from bed to bed.",
  putOver: (beds: number) =>
    beds === 0
      ? "Put hoops over beds of one size"
      : `Put hoops over ${beds === 1 ? "the selected bed" : `the ${String(beds)} selected beds`}`,
  takeDown: (name: string) => `Take down ${name}`,
  form: "Bow",
  pipe: "Pipe, wire or strips",
  bears: (radius: string, staysBent: boolean) =>
    `It can be bent to a radius of ${radius}${staysBent ? " and stays as it is bent: for beds of one width" : ""}.`,
  rise: "Height of bows",
  length: "Pipe of a bow",
  goesBy: {
    rise: "The height is fixed: the pipe is cut to it for the widest bed, and rises higher over others.",
    length: "The pipe is fixed: how high it rises follows from the width of each bed.",
  },
  anchor: "Feet",
  depth: "Depth of feet",
  weather: "Weather",
  weatherMeans: (apart: string, ties: number) =>
    `A bow every ${apart} at most, tied ${ties === 1 ? "along the ridge" : "along the ridge and both sides"}.`,
  cover: "Cover",
  lasts: (seasons: number) => `It lasts about ${String(seasons)} seasons.`,
  over: "Over these beds",
  count: (bows: number) => (bows === 1 ? "1 bow" : `${String(bows)} bows`),
  each: (bows: string, length: string, weight: string) => `${bows} of ${length}, ${weight} in all.`,
  bed: (bows: string, apart: string, rise: string) => `${bows}, one every ${apart}, ${rise} high`,
  sheet: (length: string, width: string) => `sheet ${length} × ${width}`,
  bags: (bags: number, load: string) =>
    `${String(bags)} bags of soil along its sides hold it in the wind, ${load} on either side`,
  misfit: "doesn’t go over it: see the snag",
  sideView: (bed: string, rise: string, span: string) =>
    `A bow over ${bed} seen from its end: ${span} wide between its feet, ${rise} high`,
  bend: (radius: string) => `Bent to a radius of ${radius} where it is tightest.`,
} as const;
