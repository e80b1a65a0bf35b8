/** Words of walk-in tunnels. */
export const words = {
  title: "Walk-in tunnels",
  none: "None yet. Bows over several beds and the walks between them, under film or a net, high enough to stand in.",
  build: (beds: number) =>
    beds === 0
      ? "Build a tunnel on free ground"
      : `Build a tunnel round ${beds === 1 ? "the selected bed" : `the ${String(beds)} selected beds`}`,
  kind: "walk-in tunnel",
  about: (length: string, width: string) => `${length} × ${width}`,
  takeDown: (name: string) => `Take ${name} down`,
  along: "Length of the ridge",
  across: "Width between feet",
  form: "Form of the bows",
  pipe: "Pipe of the bows",
  rise: "Height in the middle",
  bears: (radius: string) => `This pipe can be bent to a radius of ${radius}.`,
  weather: "What it has to stand",
  weatherMeans: (apart: string, ties: number) =>
    `Bows every ${apart} at most, and ${ties === 1 ? "a pipe along the ridge" : "pipes along the ridge and both sides"}.`,
  footing: "How its feet are held",
  cover: "What goes over it",
  rolls: "Both sides roll up",
  hip: "Board they roll up to",
  doors: "Doors",
  doorsAt: ["In one end", "In both ends"],
  doorWidth: "Width of a door",
  doorAside: "Door off the middle",
  doorAsideMeans: "To the left looking along the tunnel; with a minus to the right.",
  wires: "Wires for crops",
  notWires: "Write a whole number.",
  hoseRail: "A rail for the hose",
  bows: (count: string, length: string, apart: string, mass: string) =>
    `${count} of ${length}, ${apart} apart; ${mass} of pipe.`,
  bow: (count: number) => (count === 1 ? "1 bow" : `${String(count)} bows`),
  feet: (boards: number, stakes: number) =>
    boards === 0
      ? `${String(stakes)} feet on stakes.`
      : stakes === 0
        ? `${String(boards)} feet on boards of beds.`
        : `${String(boards)} feet on boards of beds, ${String(stakes)} on stakes.`,
  stands: (names: readonly string[]) => `Over ${names.join(", ")}.`,
  headroom: (headroom: string, where: string) => `Least headroom where one walks: ${headroom}, ${where}.`,
  fromMiddle: (aside: string) => `${aside} from the middle`,
  inMiddle: "in the middle",
  air: (share: string, openings: string) => `Doors and sides open ${openings}, ${share} of the floor.`,
  sheet: (bought: string, roll: string, length: string, width: string) =>
    `Cut ${bought} off a roll ${roll} wide: ${length} × ${width} go over the bows;`,
  ends: { strip: "both ends come out of what is cut off along it.", rest: "both ends come out of the rest." },
  falls: (along: string, across: string) => `The ground falls ${along} along it, and ${across} across.`,
  endView: (name: string, width: string, height: string) =>
    `The end of ${name} with its door: ${width} wide, ${height} high`,
  door: (width: string, height: string) => `Door ${width} × ${height}.`,
} as const;
