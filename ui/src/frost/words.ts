/** Words of frost. */
export const words = {
  title: "Frost",
  basis: {
    NOTED: (name: string) => `As you noted it: ${name}.`,
    WEATHER: "Estimated from the mean lowest temperatures of your weather. Your own days are better.",
    GUESS:
      "These days are guessed. Enter those of your place: a neighbour's notes, or the frost tables of the nearest station.",
  },
  table: "The frost comes before this day in",
  years: { early: "1 year of 10", middle: "5 of 10", late: "9 of 10" },
  frosts: { last: "Last of spring", first: "First of autumn" },
  never: "It never freezes here",
  from: "Where these days are from",
  ownNotes: "My own notes",
  noDay: "Write a day like 1 May.",
  forget: "Forget these days",
} as const;
