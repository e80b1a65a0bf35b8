const MINUTES = 60;

/** What is due soon. */
export const dueWords = {
  title: "In the next two weeks",
  work: (tasks: number, minutes: number) =>
    `${String(tasks)} ${tasks === 1 ? "task" : "tasks"}, ${(minutes / MINUTES).toFixed(1)} h`,
  comes: (name: string) => `${name} comes`,
  hired: (name: string) => `${name} is booked`,
  lookBack: "The season ends: what would you do otherwise?",
  open: { work: "Day sheet", "look-back": "Look back at it" },
  openNamed: {
    work: (day: string) => `Open the day sheet of ${day}`,
    "look-back": () => "Look back at the season",
  },
};
