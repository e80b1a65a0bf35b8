import type { Column } from "../papers/columns";
import { formatClock, type Stint } from "./calendar";
import { calendarWords as words } from "./calendarWords";

/** From when to when somebody is at a task, as columns. */
export const SPAN: readonly Column<Stint>[] = [
  {
    key: "from",
    head: words.fromHead,
    value: ({ from }) => from,
    text: ({ from }) => formatClock(from),
    figures: true,
  },
  {
    key: "till",
    head: words.tillHead,
    value: ({ from, minutes }) => from + minutes,
    text: ({ from, minutes }) => formatClock(from + minutes),
    figures: true,
  },
];
