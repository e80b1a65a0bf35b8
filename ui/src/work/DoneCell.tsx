import { useState } from "react";
import { today, useWriting, type JournalEntry } from "../journal/journal";
import { PhotoField } from "../journal/PhotoField";
import { words as journalWords } from "../journal/words";
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
  const { write, keepPhoto, takeBack, refused } = useWriting();
  const [note, setNote] = useState("");
  const [photo, setPhoto] = useState<File>();
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

  async function tickOff() {
    const read = hours.trim() === "" ? undefined : readNumber(hours);
    if (read === null) {
      setUnread(true);
      return;
    }
    const id = crypto.randomUUID();
    const written = await write(
      {
        id,
        day: today(),
        about: false,
        place: task.about,
        ...(note.trim() === "" ? {} : { note }),
        done: {
          task: task.key,
          rate: task.rate.key,
          quantity: task.quantity,
          ...(read === undefined ? {} : { hours: read }),
        },
      },
      label,
    );
    if (written && photo) await keepPhoto(id, photo);
  }

  return (
    <form
      className="flex flex-wrap items-center gap-1 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        void tickOff();
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
      <details className="basis-full text-sm">
        <summary className="cursor-pointer" aria-label={words.moreNamed(label, place)}>
          {words.more}
        </summary>
        <input
          className="field w-full"
          aria-label={words.noteOf(label, place)}
          placeholder={words.noteHint}
          value={note}
          onChange={(event) => {
            setNote(event.target.value);
          }}
        />
        <PhotoField
          label={journalWords.choosePhoto}
          named={words.photoOf(label, place)}
          chosen={photo}
          onChoose={setPhoto}
        />
      </details>
      <Fault text={unread ? words.noHours : refused?.text} />
    </form>
  );
}
