/** What is said of tasks that the plan does not make. */
export const ownWords = {
  title: (mine: number, later: number) =>
    `Tasks of your own${mine > 0 ? `: ${String(mine)}` : ""}${later > 0 ? `, and ${String(later)} for later` : ""}`,
  inSeason: (season: number) => `In ${String(season)}`,
  later: "For later, some year",
  told: (name: string, stage: string, hours: number, people: number) =>
    `${name}: ${String(hours)} h${people > 1 ? ` by ${String(people)} people` : ""}, as part of “${stage}”.`,
  costs: (amount: string) => `Roughly ${amount}.`,
  pull: (season: number) => `Do it in ${String(season)}`,
  pullNamed: (name: string, season: number) => `Do ${name} in ${String(season)}`,
  putOff: "Put it off",
  putOffNamed: (name: string) => `Put off ${name}`,
  deleteNamed: (name: string) => `Delete ${name}`,
  remove: "Delete",
  name: "What is to be done",
  stage: "As part of",
  hours: "Hours of all",
  people: "People at once",
  where: "In which bed",
  everywhere: "none",
  when: "Which year",
  someTime: "later",
  notBefore: "Not before",
  cost: (currency: string) => `Rough cost, ${currency}`,
  add: "Add the task",
  noHours: "This is no length of time in hours.",
};
