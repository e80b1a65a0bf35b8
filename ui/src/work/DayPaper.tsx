import { useState } from "react";
import { formatDay } from "../measure/halfMonths";
import { today, useSentLater, type JournalEntry } from "../journal/journal";
import { WaitingEntries } from "../outdoors/WaitingEntries";
import type { Column } from "../papers/columns";
import { KeyPlan } from "../papers/KeyPlan";
import { Paper } from "../papers/Paper";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { formatClock, useCalendar, weekdayOf, type Stint } from "./calendar";
import { calendarWords as words } from "./calendarWords";
import { DoneCell } from "./DoneCell";
import { SPAN } from "./span";
import { formatGoods, goodsFor, useStaging, withTwo, type StagedPlace } from "./staging";
import { stagingWords } from "./stagingWords";
import { doneOf, formatQuantity, placeOf, useTasks, type PlannedTask } from "./tasks";
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
  const done = doneOf(work);
  const stints = told?.calendar.stints ?? [];
  const ofDay = stints.filter(({ day }) => day === shown?.day);
  const amountOf = ({ task: key }: Stint) => {
    const task = tasks.get(key);
    if (!task) return "";
    const quantity = formatQuantity(task, units);
    return stints.filter((each) => each.task === key).length === 1 ? quantity : words.part(quantity);
  };
  /** Who goes on with it, and when; undefined for the last part of a task. */
  const goesOn = ({ task, day, from, minutes }: Stint) => {
    const last = stints.findLast(
      (each) =>
        each.task === task &&
        (each.day > day || (each.day === day && each.from + each.minutes > from + minutes)),
    );
    if (!last) return undefined;
    const names = last.workers.map((id) => workers.get(id) ?? "").join(", ");
    return last.day === day
      ? words.goesOn(names, formatClock(last.from + last.minutes))
      : words.goesOn(names, `${weekdayOf(last.day)} ${formatDay(last.day, season)}`);
  };
  const columns: Column<Stint>[] = [
    {
      key: "who",
      head: words.whoHead,
      value: (stint) => stint.workers.map((id) => workers.get(id) ?? "").join(", "),
      groups: true,
    },
    ...SPAN,
    { key: "task", head: workWords.taskHead, value: ({ task }) => tasks.get(task)?.rate.label ?? "" },
    {
      key: "place",
      head: workWords.placeHead,
      value: (stint) => {
        const task = tasks.get(stint.task);
        return task ? placeOf(task) : "";
      },
    },
    { key: "amount", head: words.amountHead, value: amountOf },
    { key: "done", head: workWords.doneHead, value: ({ task }) => done.get(task)?.[0]?.day ?? "" },
  ];
  const staged = useStaging();
  const people = [...new Set(ofDay.map((stint) => stint.workers.join(" ")))];
  return (
    <Paper
      title={words.sheetTitle}
      rows={told && ofDay}
      columns={columns}
      rowKey={({ task, from, workers: who }) => [task, from, ...who].join(" ")}
      empty={shown ? words.sheetEmpty : words.noDay}
      files={
        shown && [
          {
            label: words.sheetFile,
            href: `/api/gardens/${plan.id}/work-calendar/day.pdf?season=${String(season)}&day=${shown.day}`,
          },
        ]
      }
      instead={
        ofDay.length === 0 ? undefined : (
          <div className="flex flex-wrap items-start gap-x-8 px-4 pb-4">
            <div className="min-w-0 grow basis-72">
              {people.map((ids) => (
                <section key={ids} className="max-w-3xl">
                  <h3 className="border-b border-ink pt-3">
                    {ids
                      .split(" ")
                      .map((id) => workers.get(id) ?? "")
                      .join(", ")}
                  </h3>
                  <ol>
                    {ofDay
                      .filter((stint) => stint.workers.join(" ") === ids)
                      .map((stint) => (
                        <Line
                          key={`${stint.task} ${String(stint.from)}`}
                          stint={stint}
                          task={tasks.get(stint.task)}
                          amount={amountOf(stint)}
                          staged={staged}
                          goesOn={goesOn(stint)}
                          done={done.get(stint.task) ?? []}
                        />
                      ))}
                  </ol>
                </section>
              ))}
            </div>
            <KeyPlan always lit={[...new Set(ofDay.flatMap(({ task }) => tasks.get(task)?.about ?? []))]} />
          </div>
        )
      }
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
      {shown && shown.tools.length > 0 && (
        <p className="max-w-prose py-1" data-testid="tools">
          <strong>{words.tools}</strong> {shown.tools.join("; ")}.
        </p>
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

interface LineProps {
  stint: Stint;
  task: PlannedTask | undefined;
  amount: string;
  staged: readonly StagedPlace[] | undefined;
  goesOn: string | undefined;
  done: readonly JournalEntry[];
}

/** A part of a task; the last one is where it is ticked off. */
function Line({ stint: { from, minutes }, task, amount, staged, goesOn, done }: LineProps) {
  const { units } = useDesk();
  if (!task) return null;
  const goods = formatGoods(goodsFor(task, staged), units);
  const heavy = withTwo(task, units);
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-rule py-2">
      <span className="figures w-32">{words.fromTo(formatClock(from), formatClock(from + minutes))}</span>
      <span className="min-w-48 grow basis-48">
        <strong>{task.rate.label}</strong>
        <span className="block">{[placeOf(task), amount].filter((each) => each !== "").join(": ")}</span>
        {goods.length > 0 && <span className="block">{goods.join("; ")}</span>}
        {heavy !== undefined && <span className="block text-snag">{heavy}</span>}
        {task.easy && <span className="block text-sm text-soft">{stagingWords.easy}</span>}
      </span>
      {goesOn !== undefined && done.length === 0 ? (
        <span className="text-sm text-soft">{goesOn}</span>
      ) : (
        <DoneCell task={task} place={placeOf(task)} done={done} />
      )}
    </li>
  );
}
