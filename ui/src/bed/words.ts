/** Words of beds. */
export const words = {
  noArrangements: "Nothing to compare yet: press “Try arrangements” under Beds first.",
  arrangements:
    "Each layout has been judged: everybody who gardens reaches all of it, and what has to get through does. Beds in that ground give way; taking one over is one edit and can be undone.",
  sunMeans: "Direct sun on a clear day in the growing months, the mean over the ground of its beds",
  sunADay: (hours: number) => `${hours.toFixed(1)} h a day`,
  families:
    "A cover, a net or a cold frame made for one bed of a family fits them all, and only them: outside sizes count.",
  noBeds: "No bed yet. Draw one on the sheet, or place one by its numbers.",
} as const;

const FORM_NAMES = {
  RECTANGLE: "rectangle",
  ELL: "L",
  COMB: "comb (a U has two fingers)",
  OCTAGON: "octagon",
  FREE: "free corners",
} as const;

export function formName(kind: keyof typeof FORM_NAMES): string {
  return FORM_NAMES[kind];
}
