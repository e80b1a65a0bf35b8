import { formatDay } from "../measure/halfMonths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { useSentLater } from "../journal/journal";
import { WaitingEntries } from "../outdoors/WaitingEntries";
import { DoneCell } from "./DoneCell";
import { doneOf, formatQuantity, placeOf, useTasks, type PlannedTask, type WorkOfSeason } from "./tasks";
import { OrderNetwork } from "./OrderNetwork";
import { OwnTasks } from "./OwnTasks";
import { Rates } from "./Rates";
import { words } from "./words";

const TENTHS = 10;

/** What there is to do in the season, in an order in which it can be done. */
export function WorkPaper() {
  const { units, season } = useDesk();
  const told = useTasks();
  useSentLater();
  const labels = new Map(told?.stages.map(({ stage, label }) => [stage, label]));
  const inTenths = (hours: number) => Math.round(hours * TENTHS) / TENTHS;
  const done = doneOf(told);
  const columns: Column<PlannedTask>[] = [
    { key: "stage", head: words.stageHead, value: ({ stage }) => labels.get(stage) ?? "", groups: true },
    { key: "task", head: words.taskHead, value: ({ rate }) => rate.label },
    {
      key: "place",
      head: words.placeHead,
      value: placeOf,
      groups: true,
    },
    {
      key: "quantity",
      head: words.quantityHead,
      value: ({ quantity }) => Math.round(quantity * TENTHS) / TENTHS,
      text: (task) => formatQuantity(task, units),
      figures: true,
    },
    {
      key: "hours",
      head: words.hoursHead,
      value: ({ hours }) => inTenths(hours),
      text: ({ hours }) => words.hours(hours),
      figures: true,
      sum: (tasks) => words.hours(hoursOf(tasks)),
    },
    { key: "people", head: words.peopleHead, value: ({ rate }) => rate.people, figures: true },
    {
      key: "day",
      head: words.dayHead,
      value: ({ day }) => day ?? null,
      text: ({ day }) => (day === undefined ? "" : formatDay(day, season)),
    },
    {
      key: "after",
      head: words.afterHead,
      value: ({ waits }) =>
        waits
          .flatMap(({ by, cure }) => [
            labels.get(by.before) ?? "",
            ...(cure ? [words.cure(cure.days, cure.reason)] : []),
          ])
          .join("; "),
    },
    {
      key: "done",
      head: words.doneHead,
      value: ({ key }) => done.get(key)?.[0]?.day ?? "",
      cell: (task) => <DoneCell task={task} place={placeOf(task)} done={done.get(task.key) ?? []} />,
    },
  ];
  return (
    <Paper
      title={words.title}
      rows={told?.tasks}
      columns={columns}
      rowKey={({ key }) => key}
      groupedBy="stage"
      concerns={({ about }) => [about]}
      empty={words.none}
    >
      <p className="max-w-prose text-soft">{words.explained}</p>
      <OwnTasks />
      {told && told.tasks.length > 0 && (
        <p>
          {words.left(
            words.hours(hoursOf(told.tasks.filter(({ key }) => !done.has(key)))),
            words.hours(hoursOf(told.tasks)),
          )}
        </p>
      )}
      {told && told.stages.length > 0 && <Order told={told} />}
      {told && told.tasks.length > 0 && <Rates told={told} />}
      <WaitingEntries />
    </Paper>
  );
}

function hoursOf(tasks: readonly PlannedTask[]): number {
  return tasks.reduce((sum, { hours }) => sum + hours, 0);
}

/** The stages of the season and the reasons for their order. */
function Order({ told: { stages } }: { told: WorkOfSeason }) {
  const labels = new Map(stages.map(({ stage, label }) => [stage, label]));
  return (
    <details data-testid="order">
      <summary className="cursor-pointer">{words.orderTitle}</summary>
      <OrderNetwork stages={stages} />
      <ol className="max-h-64 max-w-prose list-decimal space-y-1 overflow-y-auto py-1 pl-6">
        {stages.map(({ stage, label, tasks, hours, waits }) => (
          <li key={stage}>
            {words.stage(label, tasks, words.hours(hours))}
            {waits.map(({ before, reason }) => (
              <span key={before} className="block text-sm text-soft">
                {words.after(labels.get(before) ?? "")} {reason}
              </span>
            ))}
          </li>
        ))}
      </ol>
    </details>
  );
}
