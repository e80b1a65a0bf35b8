import { useState } from "react";
import { today, useWriting, type JournalEntry } from "../journal/journal";
import { formatDay } from "../measure/halfMonths";
import { readNumber } from "../measure/numbers";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import type { PlannedTask } from "./tasks";
import { words } from "./words";

interface Props {
  task: PlannedTask;
  place: string;
  /** The entries that tick it off: one of each who did. */
  done: readonly JournalEntry[];
}

/** Ticks a task off, with the hours that it took if somebody looked at the clock; or says when it was done. */
export function DoneCell({ task, place, done }: Props) {
  const { season } = useDesk();
  const { write, takeBack, refused } = useWriting();
  const [hours, setHours] = useState("");
  const [unread, setUnread] = useState(false);
  const { label } = task.rate;

  const [first] = done;
  if (first) {
    const timed = done.flatMap(({ done: each }) => each?.hours ?? []);
    const took = timed.length > 0 ? words.hours(timed.reduce((sum, each) => sum + each, 0)) : undefined;
    return (
      <span className="whitespace-nowrap">
        {words.doneOn(formatDay(first.day, season), took)}{" "}
        <button
          type="button"
          className="text-button text-sm print:hidden"
          aria-label={words.undoNamed(label, place)}
          onClick={() => {
            for (const { id } of done) void takeBack(id);
          }}
        >
          {words.undo}
        </button>
      </span>
    );
  }

  function tickOff() {
    const read = hours.trim() === "" ? undefined : readNumber(hours);
    if (read === null) {
      setUnread(true);
      return;
    }
    void write(
      {
        id: crypto.randomUUID(),
        day: today(),
        about: false,
        place: task.about,
        done: {
          task: task.key,
          rate: task.rate.key,
          quantity: task.quantity,
          ...(read === undefined ? {} : { hours: read }),
        },
      },
      label,
    );
  }

  return (
    <form
      className="flex flex-wrap items-center gap-1 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        tickOff();
      }}
    >
      <input
        className="field figures w-16"
        inputMode="decimal"
        aria-label={words.hoursOf(label, place)}
        placeholder={words.hoursHint}
        value={hours}
        onChange={(event) => {
          setHours(event.target.value);
          setUnread(false);
        }}
      />
      <button type="submit" className="text-button text-sm" aria-label={words.tickOffNamed(label, place)}>
        {words.tickOff}
      </button>
      <Fault text={unread ? words.noHours : refused?.text} />
    </form>
  );
}
