/** Machines that are hired, and on which days. */
export const hireWords = {
  title: (count: number) => (count === 0 ? "Machines for hire" : `Machines for hire: ${String(count)}`),
  about: [
    "Say what you would hire, for which work, and what it costs.",
    "The calendar says on which days you need it; once you have booked days, that work is done on them alone.",
    "Days that are booked are on the bill.",
  ].join(" "),
  name: "What is hired",
  daily: (currency: string) => `A day, ${currency}`,
  weekend: (currency: string) => `A weekend, ${currency}`,
  worksAt: (stages: readonly string[]) => `Works at: ${stages.join(", ")}`,
  firstStage: "Kind of work",
  add: "Think of hiring it",
  remove: "Don’t hire it",
  removeNamed: (name: string) => `Don’t hire ${name}`,
  none: "Nothing in this season is done with it.",
  needed: (days: readonly string[], cost: string) => `Needed on ${days.join(", ")}: ${cost}.`,
  booked: (days: readonly string[], cost: string) => `Booked for ${days.join(", ")}: ${cost}.`,
  idle: (days: readonly string[]) =>
    days.length === 1
      ? `Nothing is planned with it on ${days.join()}.`
      : `Nothing is planned with it on these days: ${days.join(", ")}.`,
  book: "Book these days",
  bookNamed: (name: string) => `Book the days for ${name}`,
  giveBack: "Leave the days open",
  giveBackNamed: (name: string) => `Leave the days for ${name} open`,
  bookDay: "Another day",
  addDay: "Book it",
  aim: "Plan for",
  aims: { EARLIEST: "the earliest end", FEWEST_HIRE_DAYS: "the fewest days of hire" },
};
