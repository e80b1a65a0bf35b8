/** Words of walks and reach. */
export const words = {
  noCarriers: "Only the gardeners so far. Add a barrow or a mower to see where it gets.",
  noLayers: "Nothing is brought in: the ground stays as it is.",
  moreFor: (loose: boolean) => (loose ? "compaction and waste" : "laps, cuts and waste"),
  noWalks:
    "No surface noted: all free ground is as it was. Beds may be drawn over a walk; it is what is left free.",
  noSources:
    "Put down a tap, the compost or a door under Ground, or a gate, and ways are measured from there.",
  noGardeners: "Nobody gardens here yet. Name who does, so that reach and walks can be judged.",
} as const;

const EASE = {
  UPRIGHT: "Works upright",
  BENT: "Works with a bent back",
  KNEELING: "Kneels, or bends double",
  UNKNOWN: "",
  SIDE_ON: "Works seated, side-on",
  KNEES_UNDER: "Works seated, knees under it",
  TOO_LOW: "The rim is too low to reach down to, seated",
  TOO_HIGH: "The rim is too high to reach over, seated",
} as const;

export function easeWords(ease: keyof typeof EASE): string {
  return EASE[ease];
}

/** What an edge is called that looks to (right, up) on the sheet. */
export function sideName(right: number, up: number): string {
  const slanted = 0.4 * Math.hypot(right, up);
  const vertical = Math.abs(up) < slanted ? "" : up > 0 ? "upper" : "lower";
  const sideways = Math.abs(right) < slanted ? "" : right > 0 ? "right" : "left";
  return vertical !== "" && sideways !== "" ? `${vertical} ${sideways}` : vertical + sideways;
}
