/** Words of arches. */
export const words = {
  title: "Arches between beds",
  kind: "an arch",
  none: "None yet. A stiff panel, bent from one bed to the next over the walk, carries beans and squash.",
  ask: "Where could an arch stand?",
  nowhere: "No two beds of this season lie opposite each other with room for the feet of an arch.",
  between: (one: string, other: string) => `Between ${one} and ${other}`,
  about: (span: string, headroom: string) => `${span} from foot to foot, ${headroom} of headroom`,
  low: "too low to walk through",
  takeDown: (name: string) => `Take down ${name}`,
  panel: "Length of panel",
  width: "Width of panel",
  stands: (names: readonly string[]) => `Its feet stand in ${names.join(" and ")}.`,
  widest: (span: string) => `With this panel the feet may be up to ${span} apart.`,
  picked: (length: string) =>
    `Sitting, one picks what hangs on the first ${length} of the panel from either foot.`,
  overgrown: "Overgrown in full leaf it stands against the wind like a screen.",
  weighs: (mass: string) => `The panel weighs ${mass}: bend it by two, it springs back.`,
  headroom: (headroom: string) => `${headroom} of headroom`,
  sideView: (name: string, rise: string, span: string) =>
    `${name} seen from its end: ${span} between its feet, ${rise} high above them`,
  moveHint: "Drag its ends on the sheet to set its feet.",
} as const;
