/** What the pages about the work say. */
export const words = {
  title: "Work",
  stageHead: "Stage",
  taskHead: "What",
  placeHead: "For what",
  quantityHead: "How much",
  hoursHead: "Hours",
  peopleHead: "People",
  dayHead: "Which day",
  afterHead: "Comes after",
  none: "The plan makes no work in this season.",
  explained:
    "From the top downwards, nothing is in the way of what follows. Hours are those of somebody who does it for the first time; two people at a task share them. Levelling the ground is not counted.",
  orderTitle: "In which order, and why",
  stage: (label: string, tasks: number, hours: string) =>
    `${label}: ${String(tasks)} ${tasks === 1 ? "task" : "tasks"}, ${hours}`,
  hours: (hours: number) => `${hours < 10 ? hours.toFixed(1) : hours.toFixed(0)} h`,
  after: (stage: string) => `After “${stage}”:`,
  count: (quantity: number, unit: string) => `${String(quantity)} ${unit}${quantity === 1 ? "" : "s"}`,
  cure: (days: number, reason: string) => `${reason} (${String(days)} ${days === 1 ? "day" : "days"})`,
};
