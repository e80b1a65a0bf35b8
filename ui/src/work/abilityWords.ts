/** What somebody does and does not do. */
export const abilityWords = {
  summary: (limits: number) =>
    limits === 0
      ? "Does everything"
      : `Does not do everything: ${String(limits)} ${limits === 1 ? "limit" : "limits"}`,
  lifts: { METRIC: "Lifts alone up to, kg", FEET_AND_INCHES: "Lifts alone up to, lb" },
  noNumber: "This is no weight.",
  saws: "Saws",
  reach: "Works in beds",
  steps: "wherever they can step",
  fromSeat: (name: string) => `from a seat, as far as ${name} reaches`,
  leaves: "Leaves to others:",
};
