/** The day of a moment, in the browser's words: "16 December 2026". */
export function dayOf(moment: string): string {
  return new Date(moment).toLocaleDateString(undefined, { day: "numeric", month: "long", year: "numeric" });
}
