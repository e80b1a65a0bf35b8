/** Words of covers. */
export const words = {
  title: "Cold frames, cloches, net cages",
  none: "None yet. A cover is built to the outside size of a bed, in sections that one person lifts, and fits every bed of that size.",
  build: (kind: string, beds: number) =>
    beds === 0
      ? `${kind} for beds of one size`
      : `${kind} for ${beds === 1 ? "the selected bed" : `the ${String(beds)} selected beds`}`,
  takeAway: (name: string) => `Take ${name} away`,
  make: "Kind of cover",
  length: "Length outside",
  width: "Width outside",
  sections: "Sections",
  inSections: (count: number) => (count === 1 ? "one piece" : `${String(count)} sections`),
  low: "Height in front",
  high: { COLD_FRAME: "Height at the back", CLOCHE: "Height of the ridge", NET_CAGE: "Height" } as Record<
    string,
    string
  >,
  walls: "Walls",
  pane: "Panes",
  fabric: "Net or cloth",
  goesOn: (label: string, years: number) => `${label} lasts about ${String(years)} seasons.`,
  on: "On these beds",
  wrongSize: "doesn’t stand on it: see the snag",
  faces: (quarter: string, off: number) =>
    off < 1 ? `front ${quarter}` : `front ${quarter}, ${off.toFixed(0)}° off the sun at noon`,
  section: (length: string, mass: string) => `Each section is ${length} long and weighs ${mass}`,
  whole: (mass: string) => `It weighs ${mass}`,
  lid: (slope: string, tilt: number, mass: string) =>
    `A lid is ${slope} from front to back, leans by ${tilt.toFixed(0)}° and weighs ${mass}`,
  opener: "An automatic opener lifts about 7 kg (15 lb): mind the maker’s figure.",
  prop: (length: string) => `A prop of ${length} holds it open by 30°`,
  lean: (slope: string, tilt: number) =>
    `Panes are ${slope} from the ground to the ridge, at ${tilt.toFixed(0)}°`,
  net: (area: string) => `${area} of net`,
  aslant: (front: string, back: string) =>
    `Saw “Two sides” aslant, from ${front} at one end to ${back} at the other: both halves are alike.`,
  triangles: (width: string, height: string) =>
    `Saw two triangles out of “Two ends”, each ${width} wide and ${height} high, one of them upside down.`,
  cut: "What is cut for it",
  part: "Part",
  size: "Size",
  count: "Number",
  batten: "Batten",
  view: (name: string, width: string, height: string) =>
    `${name} seen from its end: ${width} wide, ${height} high`,
} as const;
