/** What the work waits for: deliveries and money. */
export const arrivalWords = {
  title: (deliveries: number, incomes: number) =>
    deliveries + incomes === 0
      ? "What has to arrive first: goods and money"
      : `What has to arrive first: ${[
          ...(deliveries > 0
            ? [`${String(deliveries)} ${deliveries === 1 ? "delivery" : "deliveries"}`]
            : []),
          ...(incomes > 0 ? [`money on ${String(incomes)} ${incomes === 1 ? "day" : "days"}`] : []),
        ].join(", ")}`,
  deliveries: "Deliveries",
  aboutDeliveries: "Work that waits for a delivery does not begin before the day on which it comes.",
  name: "What comes, and from whom",
  day: "Comes on",
  waits: (stages: readonly string[]) => `Waits for it: ${stages.join(", ")}`,
  firstStage: "Kind of work that waits",
  add: "Wait for it",
  comesOn: (name: string) => `The day on which this comes: ${name}`,
  removeNamed: (name: string) => `It is there: ${name}`,
  remove: "It is there",
  money: "Money",
  aboutMoney: [
    "With money that comes in bit by bit, nothing is begun that would have to be bought before it is there.",
    "What was paid and ordered already is taken off first, then things are bought in the order of the work.",
    "Say nothing here if the money is there from the start.",
  ].join(" "),
  moneyDay: "Comes in on",
  amount: (currency: string) => `How much, ${currency}`,
  addMoney: "Count on it",
  told: (amount: string, day: string) => `${amount} on ${day}`,
  moneyGoneNamed: (amount: string, day: string) => `Do without ${amount} on ${day}`,
  moneyGone: "Do without",
};
