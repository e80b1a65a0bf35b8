/** What wears out, and the years ahead. */
export const wearWords = {
  title: "Wear and the years ahead",
  explained: [
    "How old the parts of your garden are against how long they last, and what each year from this one on costs.",
    "What is wanted for good is reckoned to be renewed in the middle of its range, at today's prices.",
    "What was there before the garden began is left out, since nobody knows how old it is.",
  ].join(" "),
  empty: "Nothing wears out in this season yet.",
  thingHead: "What",
  partHead: "Part",
  madeHead: "Made",
  ageHead: "Age",
  lastsHead: "Lasts",
  dueHead: "Renew in",
  costHead: "Cost",
  stateHead: "This spring",
  seasons: (many: number) => (many === 0 ? "new" : many === 1 ? "1 year" : `${String(many)} years`),
  range: (least: number, most: number) =>
    `${least === most ? "" : `${String(least)} to `}${String(most)} ${most === 1 ? "year" : "years"}`,
  notDue: "Not wanted so long",
  later: "–",
  states: { GOOD: "Good", LOOK: "Look at it", DUE: "Due" },
  planned: "As planned",
  renewals: "Renewed and topped up",
  money: "Money, year by year",
  hours: "Hours of work, year by year",
  hoursOf: (hours: number) => `${hours.toFixed(1)} h`,
  ofYear: (year: string, planned: string, renewals: string) =>
    `${year}: ${planned} as planned, ${renewals} for what wears out`,
};
