import { useState } from "react";
import { formatDay } from "../measure/halfMonths";
import { today, useSentLater, type JournalEntry } from "../journal/journal";
import { WaitingEntries } from "../outdoors/WaitingEntries";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { formatClock, useCalendar, weekdayOf, type Stint } from "./calendar";
import { calendarWords as words } from "./calendarWords";
import { DoneCell } from "./DoneCell";
import { formatQuantity, placeOf, useTasks } from "./tasks";
import { words as workWords } from "./words";

/** What is done on one day, in order, to be taken outdoors: printed, or on a phone. */
export function DayPaper() {
  const { units, season, plan } = useDesk();
  const work = useTasks();
  const told = useCalendar(undefined, work?.done.length ?? 0);
  useSentLater();
  const [chosen, setChosen] = useState<string>();
  const days = told?.calendar.days ?? [];
  const next = days.find(({ day }) => day >= today()) ?? days[0];
  const shown = days.find(({ day }) => day === chosen) ?? next;
  const tasks = new Map(work?.tasks.map((task) => [task.key, task]));
  const workers = new Map(plan.workers.map(({ id, name }) => [id, name]));
  const done = new Map<string, JournalEntry[]>();
  for (const entry of work?.done ?? []) {
    if (entry.done) done.set(entry.done.task, [...(done.get(entry.done.task) ?? []), entry]);
  }
  const stints = told?.calendar.stints ?? [];
  const isWhole = ({ task }: Stint) => stints.filter((each) => each.task === task).length === 1;
  const columns: Column<Stint>[] = [
    {
      key: "who",
      head: words.whoHead,
      value: (stint) => stint.workers.map((id) => workers.get(id) ?? "").join(", "),
      groups: true,
    },
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
    { key: "task", head: workWords.taskHead, value: ({ task }) => tasks.get(task)?.rate.label ?? "" },
    {
      key: "place",
      head: workWords.placeHead,
      value: (stint) => {
        const task = tasks.get(stint.task);
        return task ? placeOf(task) : "";
      },
    },
    {
      key: "amount",
      head: words.amountHead,
      value: (stint) => {
        const task = tasks.get(stint.task);
        if (!task) return "";
        const quantity = formatQuantity(task, units);
        return isWhole(stint) ? quantity : words.part(quantity);
      },
    },
    {
      key: "done",
      head: workWords.doneHead,
      value: ({ task }) => done.get(task)?.[0]?.day ?? "",
      cell: (stint) => {
        const task = tasks.get(stint.task);
        return task && <DoneCell task={task} place={placeOf(task)} done={done.get(task.key) ?? []} />;
      },
    },
  ];
  return (
    <Paper
      title={words.sheetTitle}
      rows={told && stints.filter(({ day }) => day === shown?.day)}
      columns={columns}
      rowKey={({ task, from, workers: who }) => [task, from, ...who].join(" ")}
      groupedBy="who"
      concerns={({ task }) => {
        const about = tasks.get(task)?.about;
        return about === undefined ? [] : [about];
      }}
      empty={shown ? words.sheetEmpty : words.noDay}
    >
      {shown && (
        <div className="w-52">
          <Choice
            label={words.sheetDay}
            value={shown.day}
            options={days.map(({ day }) => ({
              value: day,
              label: `${weekdayOf(day)} ${formatDay(day, season)}`,
            }))}
            onChange={setChosen}
          />
        </div>
      )}
      {shown && shown.cautions.length > 0 && (
        <section className="max-w-prose py-1" data-testid="cautions">
          <h3>{words.mind}</h3>
          <ul className="list-disc pl-6">
            {shown.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
          <p className="text-sm text-soft">{words.mindLocal}</p>
        </section>
      )}
      <WaitingEntries />
    </Paper>
  );
}
