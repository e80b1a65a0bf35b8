import { useState } from "react";
import { freeName } from "../edits/changes";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDay } from "../measure/halfMonths";
import { readNumber } from "../measure/numbers";
import { Fault } from "../parts/Fault";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { Abilities } from "./Abilities";
import type { Worker } from "./calendar";
import { calendarWords as words } from "./calendarWords";

const WEEKEND = [0, 0, 0, 0, 0, 4, 4];
const PER_CENT = 100;

/** Who works on the garden, with how many hours on which day. */
export function Crew() {
  const { plan, submit } = useDesk();
  const { workers } = plan;
  const [open, setOpen] = useState(workers.length === 0);

  function add() {
    // Whoever gardens is likely to work.
    const names = workers.map(({ name }) => name);
    const gardener = plan.gardeners.find(({ name }) => !names.includes(name));
    submit({
      kind: "PutWorker",
      worker: {
        id: crypto.randomUUID(),
        name: gardener?.name ?? freeName(words.somebody, names),
        hours: WEEKEND,
        visits: [],
        away: [],
        pace: 1,
        leaves: [],
      },
    });
  }

  return (
    <details
      className="py-1 print:hidden"
      data-testid="crew"
      open={open}
      onToggle={(event) => {
        if (event.target === event.currentTarget) setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">
        {workers.length === 0 ? words.crewTitle : words.crew(workers.map(({ name }) => name))}
      </summary>
      {workers.length === 0 && <p className="text-soft">{words.nobodyYet}</p>}
      {workers.map((worker) => (
        <WorkerForm key={worker.id} worker={worker} />
      ))}
      <button type="button" className="plain-button mt-1" onClick={add}>
        {words.addWorker}
      </button>
    </details>
  );
}

/** One worker's hours; each field is kept on leaving it. */
function WorkerForm({ worker }: { worker: Worker }) {
  const { faults, edit, refuse } = useFieldEdit();
  const put = (field: string, part: Partial<Worker>) => {
    edit(field, { kind: "PutWorker", worker: { ...worker, ...part } });
  };
  const putNumber = (field: string, text: string, part: (read: number) => Partial<Worker>) => {
    const read = readNumber(text);
    if (read === null) refuse(field, words.noNumber);
    else put(field, part(read));
  };
  return (
    <fieldset className="border-t border-rule py-2">
      <legend className="sr-only">{worker.name}</legend>
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-40">
          <TextField
            label={words.name}
            value={worker.name}
            fault={faults["name"]}
            onCommit={(name) => {
              put("name", { name });
            }}
          />
        </div>
        {worker.hours.map((hours, day) => (
          <div key={words.days[day]} className="w-14">
            <TextField
              figures
              label={words.days[day] ?? ""}
              value={String(hours)}
              fault={faults[`hours/${String(day)}`]}
              onCommit={(text) => {
                putNumber(`hours/${String(day)}`, text, (read) => ({
                  hours: worker.hours.map((each, at) => (at === day ? read : each)),
                }));
              }}
            />
          </div>
        ))}
        <div className="w-24">
          <TextField
            figures
            label={words.pace}
            value={String(Math.round(worker.pace * PER_CENT))}
            fault={faults["pace"]}
            onCommit={(text) => {
              putNumber("pace", text, (read) => ({ pace: read / PER_CENT }));
            }}
          />
        </div>
        <button
          type="button"
          className="plain-button"
          aria-label={words.deleteNamed(worker.name)}
          onClick={() => {
            edit("name", { kind: "RemoveWorker", worker: worker.id });
          }}
        >
          {words.remove}
        </button>
      </div>
      <Days worker={worker} />
      <Abilities worker={worker} put={put} refuse={refuse} faults={faults} />
    </fieldset>
  );
}

/** Days off, and days with other hours than usual. */
function Days({ worker }: { worker: Worker }) {
  const { season } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const [hours, setHours] = useState("");
  const put = (part: Partial<Worker>) => {
    edit("days", { kind: "PutWorker", worker: { ...worker, ...part } });
  };
  const { away, visits } = worker;
  const count = away.length + visits.length;
  const field = (label: string, value: string, set: (text: string) => void, type: "date" | "text") => (
    <label className="block text-sm">
      {label}
      <input
        type={type}
        className={`field figures block ${type === "text" ? "w-20" : ""}`}
        value={value}
        onChange={(event) => {
          set(event.target.value);
        }}
      />
    </label>
  );
  return (
    <details>
      <summary className="cursor-pointer">{words.daysOf(count)}</summary>
      <ul>
        {away.map((each) => (
          <li key={each.from}>
            {words.awayFrom(formatDay(each.from, season), formatDay(each.to, season))}{" "}
            <button
              type="button"
              className="text-button text-sm"
              onClick={() => {
                put({ away: away.filter((other) => other !== each) });
              }}
            >
              {words.remove}
            </button>
          </li>
        ))}
        {visits.map((each) => (
          <li key={each.day}>
            {words.hoursOn(formatDay(each.day, season), each.hours)}{" "}
            <button
              type="button"
              className="text-button text-sm"
              onClick={() => {
                put({ visits: visits.filter((other) => other !== each) });
              }}
            >
              {words.remove}
            </button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-2">
        {field(words.from, from, setFrom, "date")}
        {field(words.to, to, setTo, "date")}
        <button
          type="button"
          className="plain-button"
          disabled={from === ""}
          onClick={() => {
            put({ away: [...away, { from, to: to === "" ? from : to }] });
          }}
        >
          {words.addAway}
        </button>
        {field(words.hoursThen, hours, setHours, "text")}
        <button
          type="button"
          className="plain-button"
          disabled={from === "" || hours.trim() === ""}
          onClick={() => {
            const read = readNumber(hours);
            if (read === null) refuse("days", words.noNumber);
            else put({ visits: [...visits, { day: from, hours: read }] });
          }}
        >
          {words.addVisit}
        </button>
      </div>
      <Fault text={faults["days"]} />
    </details>
  );
}
