interface TroubleMore {
  /** What is too heavy, and its weight. */
  lift: string;
  machine: string;
}

/** What the calendar of the work says. */
export const calendarWords = {
  title: "Work calendar",
  explained: [
    "Each task is laid on the first day on which somebody has time and nothing is in its way.",
    "All who work on a day begin together; from when to when is counted from there.",
    "With a day until which it is spread, each week gets as little work as it can; without one, all is done as early as it can be.",
  ].join(" "),
  empty: "Nothing is planned. Add somebody who works, or look at another season.",
  file: "Calendar file",
  sheetTitle: "Day sheet",
  sheetDay: "Which day",
  noDay: "Nothing is planned for a day from today on. Say under “Work calendar” who works and when.",
  sheetEmpty: "Nothing is planned for this day.",
  amountHead: "How much",
  fromTo: (from: string, to: string) => `${from} to ${to}`,
  goesOn: (who: string, until: string) => `goes on: ${who}, ${until}`,
  part: (quantity: string) => `part of ${quantity}`,
  tools: "Take along:",
  mind: "Mind",
  sheetFile: "PDF of the day",
  mindLocal: "What your local rules and the makers of tools and goods say comes first.",
  crewTitle: "Who works, and when",
  crew: (names: readonly string[]) => `Who works, and when: ${names.join(", ")}`,
  nobodyYet:
    "Nobody is put down for work yet: add somebody, with the hours they have on each day of the week.",
  addWorker: "Add somebody",
  somebody: "Helper",
  name: "Their name",
  noNumber: "This is no number.",
  days: ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"],
  pace: "Pace, %",
  deleteNamed: (name: string) => `Take ${name} off the work`,
  remove: "Take off",
  daysOf: (count: number) =>
    count === 0 ? "Days away, and days with other hours" : `Days away and with other hours: ${String(count)}`,
  awayFrom: (from: string, to: string) => (from === to ? `Away on ${from}` : `Away from ${from} to ${to}`),
  hoursOn: (day: string, hours: number) => `${String(hours)} h on ${day}`,
  from: "From, or on",
  to: "To",
  addAway: "Is away",
  hoursThen: "Or hours",
  addVisit: "Works so long that day",
  begins: "The work begins on",
  ends: "Spread it until",
  finish: (day: string) => `All that is planned is done on ${day}.`,
  wet: (day: string) => `With as much rain as usual: ${day}.`,
  busiest: (hours: string) => `Nobody works more than ${hours} in a week.`,
  tooLate: (day: string) =>
    `That is later than ${day}: the work can't be spread, and is done as early as can be.`,
  dayHead: "Day",
  whoHead: "Who",
  whatHead: "Task",
  fromHead: "From",
  tillHead: "Until",
  hoursHead: "Time",
  slackHead: "Can wait",
  slack: (days: number) => (days === 0 ? "not a day" : `${String(days)} ${days === 1 ? "day" : "days"}`),
  whyHead: "Why not sooner",
  late: (days: number) => `${String(days)} ${days === 1 ? "day" : "days"} later than wanted`,
  areLate: (count: number) =>
    count === 1
      ? "One task begins later than the day on which it is wanted."
      : `${String(count)} tasks begin later than the days on which they are wanted.`,
  why: {
    BEGINNING: () => "",
    TASK: (task: string) => `after ${task}`,
    CURE: (_task: string, day: string, reason: string) => `waits until ${day}: ${reason}`,
    WANTED: (_task: string, day: string) => `wanted on ${day}`,
    KEPT: (_task: string, day: string) => `settled for ${day}`,
    DELIVERY: (_task: string, day: string, _reason: string, delivery: string) =>
      `waits until ${day} for this: ${delivery}`,
    MONEY: (_task: string, day: string) => `the money for it is there on ${day}`,
    MACHINE: (_task: string, day: string, _reason: string, machine: string) =>
      `done on ${day}, when this is there: ${machine}`,
    FROZEN: (_task: string, day: string) => `the ground is frozen until ${day}`,
    PEOPLE: () => "nobody has time sooner",
  },
  keepHead: "Settled",
  keep: "Settle this day",
  keepNamed: (task: string, day: string) => `Settle ${task} for ${day}`,
  free: "Leave it open",
  freeNamed: (task: string) => `Leave the day open for ${task}`,
  kept: "settled",
  rainOn: "What if it rains on",
  noRain: "a day",
  moves: (count: number) =>
    count === 0 ? "Nothing moves." : `${String(count)} ${count === 1 ? "task moves" : "tasks move"}:`,
  moved: (task: string, from: string, to: string) => `${task}: from ${from} to ${to}`,
  notAtAll: "no day",
  rained: (day: string) => `It rains on ${day}: move them`,
  lost: "Days lost to rain",
  giveBack: "It was dry",
  giveBackNamed: (day: string) => `It was dry on ${day}`,
  unplacedTitle: "What can't be done",
  trouble: {
    NOBODY: () => "nobody is put down for work",
    TOO_FEW: (needed: number, people: number) =>
      `it takes ${String(needed)} people at once, and ${
        people === 0 ? "nobody does it" : `only ${String(people)} ${people === 1 ? "does" : "do"}`
      }`,
    TOO_HEAVY: (_needed: number, people: number, _task: string, { lift }: TroubleMore) =>
      people === 1
        ? `nobody else is there to help, and this is too heavy for one: ${lift}`
        : `even together they don’t lift this: ${lift}`,
    NO_MACHINE: (_needed: number, _people: number, _task: string, { machine }: TroubleMore) =>
      `it does not fit into the days for which this is booked: ${machine}`,
    NO_MONEY: () => "not enough money comes in for it in this season",
    NO_TIME: () => "nobody has time for it within a year",
    WAITS: (_needed: number, _people: number, task: string) => `it waits for ${task}`,
  },
  better: "Look for an earlier end",
  looking: "Looking",
  stopLooking: "Stop looking",
  sooner: (day: string, before: string) => `It can all be done by ${day} instead of ${before}.`,
  noBetter: "Nothing better was found.",
  noSooner: (day: string) => `No calendar ends before ${day}.`,
  take: "Work in this order",
  leave: "Leave it as it is",
  close: "All right",
};
