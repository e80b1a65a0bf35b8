function bagged(bags: number): string {
  if (bags === 0) return "left of an earlier bag";
  return bags === 1 ? "1 bag" : `${String(bags)} bags`;
}

/** Words of what feeds the soil. */
export const words = {
  title: "Soil tests and feeding",
  hint: "Note what a laboratory or a kit says; lime and fertiliser for it come on the bill. Compost follows from what grows in each bed.",
  none: "No test is noted yet.",
  add: "Note a soil test",
  newName: "Soil test",
  taken: "Taken on",
  noDay: "Give a day like 2029-02-20.",
  acidity: "pH",
  noAcidity: "Give a pH from 3.5 to 9.5.",
  texture: "The soil is",
  phosphorus: "Phosphorus (P)",
  potassium: "Potassium (K)",
  notTested: "not tested",
  amending: "What you give",
  ofBeds: "Soil of",
  allBeds: "All beds",
  takeSelected: (count: number) =>
    count === 1 ? "Only the selected bed" : `Only the ${String(count)} selected beds`,
  backToAll: "Of all beds",
  forget: "Forget the test",
  forgetNamed: (name: string) => `Forget the test ${name}`,
  about: (day: string, acidity: string) => `${day}, pH ${acidity}`,
  mulchTitle: "Mulch",
  mulchHint:
    "Lay it when the soil is warm. It is laid anew in each of its seasons; what is bought of it comes on the bill.",
  noMulch: "No mulch is planned yet.",
  addMulch: "Plan a mulch",
  newMulch: "Mulch",
  mulchKind: "It is of",
  howDeep: "How thick",
  firstSeason: "First season",
  forSeasons: "Seasons",
  onBeds: "It lies on",
  takeMulchOut: "Do without it",
  takeMulchOutNamed: (name: string) => `Do without the mulch ${name}`,
  mulchAbout: (kind: string, first: number, seasons: number) =>
    seasons === 1
      ? `${kind}, ${String(first)}`
      : `${kind}, ${String(first)} to ${String(first + seasons - 1)}`,
  mulchHead: "Mulch on it",
  mulchLaid: (kind: string, depth: string, volume: string) => `${kind} ${depth} (${volume})`,
  bedHead: "In the bed",
  soilHead: "Area of soil",
  cropHead: "Hungriest crop",
  nothing: "nothing grows",
  takesHead: "It takes",
  compostHead: "Compost",
  deep: "How deep",
  givenHead: "Lime and fertiliser",
  dose: (name: string, amount: string) => `${name} ${amount}`,
  sour: "no lime: something here wants sour soil",
  empty: "There are no beds in this season.",
  compost: (wanted: string, topUp: string, made: string) =>
    `All beds together want ${wanted} of compost. ${topUp} of it are on the bill as a yearly top-up; your bays give about ${made} a year.`,
  buy: (list: string) => `To spread: ${list}.`,
  bags: (name: string, amount: string, bags: number) => `${name} ${amount} (${bagged(bags)})`,
  caution: (inAYear: string) =>
    `Lime is spread over the years, at most ${inAYear} in each; not together with manure. Keep lime, sulphur and fertiliser dust out of eyes and lungs, wear gloves, and spread them when it is calm.`,
} as const;
