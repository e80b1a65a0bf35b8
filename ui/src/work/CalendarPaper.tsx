import { useState } from "react";
import { formatDay } from "../measure/halfMonths";
import { useSentLater } from "../journal/journal";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { Fault } from "../parts/Fault";
import { useFieldEdit } from "../forms/useFieldEdit";
import { useDesk } from "../workspace/desk";
import { Arrivals } from "./Arrivals";
import { BetterOrder } from "./BetterOrder";
import { Hires } from "./Hires";
import { namesOf, useCalendar, weekdayOf, type Placed, type Stint, type WorkCalendar } from "./calendar";
import { CalendarAddress } from "./CalendarAddress";
import { calendarWords as words } from "./calendarWords";
import { Crew } from "./Crew";
import { Rain } from "./Rain";
import { SPAN } from "./span";
import { formatLift } from "./staging";
import { useTasks, type PlannedTask } from "./tasks";
import { WorkSeasonForm } from "./WorkSeasonForm";
import { words as workWords } from "./words";

const MINUTES = 60;

/** On which day what is done, and by whom. */
export function CalendarPaper() {
  const { season, plan } = useDesk();
  const work = useTasks();
  useSentLater();
  const [rain, setRain] = useState<string>();
  const told = useCalendar(rain, work?.done.length ?? 0);
  const { faults, edit } = useFieldEdit();
  const tasks = new Map<string, PlannedTask>(work?.tasks.map((task) => [task.key, task]));
  const names = work ? namesOf(work) : new Map<string, string>();
  const workers = new Map(plan.workers.map(({ id, name }) => [id, name]));
  const placed = new Map<string, Placed>(told?.calendar.tasks.map((each) => [each.task, each]));
  const onDay = (day: string) => `${weekdayOf(day)} ${formatDay(day, season)}`;
  const whyOf = ({ task }: Stint) => {
    const found = placed.get(task);
    if (!found) return "";
    const { held, late } = found;
    const waitsFor = held.task === undefined ? "" : (names.get(held.task) ?? "");
    const why = words.why[held.cause](
      waitsFor,
      formatDay(held.until, season),
      held.cure?.reason ?? "",
      held.delivery ?? "",
    );
    return [...(late > 0 ? [words.late(late)] : []), why].filter((each) => each !== "").join("; ");
  };
  const isFirst = ({ task, day }: Stint) => placed.get(task)?.first === day;

  function settle({ task, day }: Stint) {
    const known = plan.keptDays.find((each) => each.task === task);
    edit("kept", { kind: "PutKeptDay", keptDay: { id: known?.id ?? crypto.randomUUID(), task, day } });
  }

  function leaveOpen({ task }: Stint) {
    const known = plan.keptDays.find((each) => each.task === task);
    if (known) edit("kept", { kind: "RemoveKeptDay", keptDay: known.id });
  }

  const columns: Column<Stint>[] = [
    { key: "day", head: words.dayHead, value: ({ day }) => day, text: ({ day }) => onDay(day), groups: true },
    {
      key: "who",
      head: words.whoHead,
      value: (stint) => stint.workers.map((id) => workers.get(id) ?? "").join(", "),
      groups: true,
    },
    { key: "task", head: words.whatHead, value: ({ task }) => names.get(task) ?? "" },
    ...SPAN,
    {
      key: "hours",
      head: words.hoursHead,
      value: (stint) => (stint.minutes * stint.workers.length) / MINUTES,
      text: (stint) => workWords.hours((stint.minutes * stint.workers.length) / MINUTES),
      figures: true,
      sum: (stints) =>
        workWords.hours(
          stints.reduce((sum, each) => sum + (each.minutes * each.workers.length) / MINUTES, 0),
        ),
    },
    { key: "why", head: words.whyHead, value: (stint) => (isFirst(stint) ? whyOf(stint) : "") },
    {
      key: "slack",
      head: words.slackHead,
      value: ({ task }) => placed.get(task)?.slack ?? 0,
      text: (stint) => (isFirst(stint) ? words.slack(placed.get(stint.task)?.slack ?? 0) : ""),
    },
    {
      key: "keep",
      head: words.keepHead,
      value: ({ task }) => (placed.get(task)?.kept ? words.kept : ""),
      cell: (stint) => {
        if (!isFirst(stint)) return "";
        const name = names.get(stint.task) ?? "";
        return placed.get(stint.task)?.kept ? (
          <button
            type="button"
            className="text-button text-sm whitespace-nowrap"
            aria-label={words.freeNamed(name)}
            onClick={() => {
              leaveOpen(stint);
            }}
          >
            {words.free}
          </button>
        ) : (
          <button
            type="button"
            className="text-button text-sm whitespace-nowrap"
            aria-label={words.keepNamed(name, onDay(stint.day))}
            onClick={() => {
              settle(stint);
            }}
          >
            {words.keep}
          </button>
        );
      },
    },
  ];
  return (
    <Paper
      title={words.title}
      rows={told?.calendar.stints}
      columns={columns}
      rowKey={({ task, day, from, workers: who }) => [task, day, from, ...who].join(" ")}
      groupedBy="day"
      concerns={({ task }) => {
        const about = tasks.get(task)?.about;
        return about === undefined ? [] : [about];
      }}
      empty={words.empty}
      files={[
        {
          label: words.file,
          href: `/api/gardens/${plan.id}/work-calendar/calendar.ics?season=${String(season)}`,
        },
      ]}
    >
      <p className="max-w-prose text-soft">{words.explained}</p>
      <Crew />
      <Arrivals />
      <Hires told={told?.calendar.hires ?? []} />
      <CalendarAddress />
      <div className="flex flex-wrap items-end gap-x-6">
        <WorkSeasonForm />
        {told && told.calendar.stints.length > 0 && (
          <>
            <Rain rain={rain} setRain={setRain} told={told} names={names} />
            <BetterOrder finish={told.calendar.finish} />
          </>
        )}
      </div>
      {told && <Told calendar={told.calendar} />}
      {told && <Unplaced calendar={told.calendar} names={names} />}
      <Fault text={faults["kept"]} />
    </Paper>
  );
}

/** When all is done. */
function Told({ calendar }: { calendar: WorkCalendar }) {
  const { season, plan } = useDesk();
  const { finish, inUsualRain, busiest, wished, tasks } = calendar;
  if (finish === undefined) return null;
  const late = tasks.filter((task) => task.late > 0).length;
  const ends = plan.workSeasons.find((each) => each.season === season)?.ends;
  return (
    <p data-testid="calendar-told">
      <strong>{words.finish(formatDay(finish, season))}</strong>{" "}
      {inUsualRain !== undefined && words.wet(formatDay(inUsualRain, season))}{" "}
      {words.busiest(workWords.hours(busiest))}{" "}
      {wished === false && ends !== undefined && (
        <span className="text-snag">{words.tooLate(formatDay(ends, season))}</span>
      )}{" "}
      {late > 0 && <span className="text-snag">{words.areLate(late)}</span>}
    </p>
  );
}

interface UnplacedProps {
  calendar: WorkCalendar;
  names: ReadonlyMap<string, string>;
}

/** What can't be done, and why. */
function Unplaced({ calendar: { unplaced }, names }: UnplacedProps) {
  const { units } = useDesk();
  if (unplaced.length === 0 || unplaced.every(({ why }) => why === "NOBODY")) return null;
  return (
    <details open data-testid="unplaced">
      <summary className="cursor-pointer text-snag">{words.unplacedTitle}</summary>
      <ul className="max-h-40 list-disc overflow-y-auto pl-6">
        {unplaced.map(({ task, why, needed, people, waitsFor, lift, machine = "" }) => (
          <li key={task}>
            {names.get(task)}:{" "}
            {words.trouble[why](needed, people, waitsFor === undefined ? "" : (names.get(waitsFor) ?? ""), {
              lift: lift ? formatLift(lift, units) : "",
              machine,
            })}
            .
          </li>
        ))}
      </ul>
    </details>
  );
}
