import { useState } from "react";
import type { components } from "../api/schema";
import { without } from "../edits/changes";
import { useFieldEdit } from "../forms/useFieldEdit";
import { plainAmount, readNumber } from "../measure/numbers";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { faultProps, FieldFrame } from "../parts/FieldFrame";
import { useDesk } from "../workspace/desk";
import { ownWords as words } from "./ownWords";

type OwnTask = components["schemas"]["OwnTask"];

const NONE = "";
const EMPTY = { name: "", hours: "", day: "", cost: "" };

/** Tasks that the plan does not make, for the season in view, and wishes for later. */
export function OwnTasks() {
  const { plan, season } = useDesk();
  const mine = plan.ownTasks.filter((task) => task.season === season);
  const later = plan.ownTasks.filter((task) => task.season === undefined);
  return (
    <details className="py-1 print:hidden" data-testid="own-tasks">
      <summary className="cursor-pointer">{words.title(mine.length, later.length)}</summary>
      {mine.length > 0 && <List title={words.inSeason(season)} tasks={mine} />}
      {later.length > 0 && <List title={words.later} tasks={later} />}
      <Form />
    </details>
  );
}

function List({ title, tasks }: { title: string; tasks: readonly OwnTask[] }) {
  const { season, catalogue } = useDesk();
  const { faults, edit } = useFieldEdit();
  const labels = new Map(catalogue.stages.map(({ key, label }) => [key, label]));
  return (
    <section className="py-1">
      <h3>{title}</h3>
      <ul>
        {tasks.map((task) => (
          <li key={task.id}>
            {words.told(task.name, labels.get(task.stage) ?? "", task.hours, task.people)}{" "}
            {task.cost && words.costs(`${task.cost.amount} ${task.cost.currency}`)}{" "}
            {task.season === undefined ? (
              <button
                type="button"
                className="text-button text-sm"
                aria-label={words.pullNamed(task.name, season)}
                onClick={() => {
                  edit(task.id, { kind: "PutOwnTask", ownTask: { ...task, season } });
                }}
              >
                {words.pull(season)}
              </button>
            ) : (
              <button
                type="button"
                className="text-button text-sm"
                aria-label={words.putOffNamed(task.name)}
                onClick={() => {
                  edit(task.id, { kind: "PutOwnTask", ownTask: without(task, "season", "day") });
                }}
              >
                {words.putOff}
              </button>
            )}{" "}
            <button
              type="button"
              className="text-button text-sm"
              aria-label={words.deleteNamed(task.name)}
              onClick={() => {
                edit(task.id, { kind: "RemoveOwnTask", ownTask: task.id });
              }}
            >
              {words.remove}
            </button>
            <Fault text={faults[task.id]} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Adds a task; what was refused stays to be mended. */
function Form() {
  const { plan, season, catalogue, submit } = useDesk();
  const [draft, setDraft] = useState(EMPTY);
  const [stage, setStage] = useState<OwnTask["stage"]>("CLEARING");
  const [people, setPeople] = useState("1");
  const [place, setPlace] = useState(NONE);
  const [when, setWhen] = useState<"season" | "later">("season");
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const { currency } = plan.budget.sum;

  function add() {
    const hours = readNumber(draft.hours);
    if (hours === null) {
      setFaults({ hours: words.noHours });
      return;
    }
    setFaults({});
    submit(
      {
        kind: "PutOwnTask",
        ownTask: {
          id: crypto.randomUUID(),
          name: draft.name,
          stage,
          hours,
          people: Number(people),
          ...(when === "season" ? { season } : {}),
          ...(when === "season" && draft.day !== "" ? { day: draft.day } : {}),
          ...(place === NONE ? {} : { place }),
          ...(draft.cost.trim() === ""
            ? {}
            : { cost: { amount: plainAmount(draft.cost, currency), currency } }),
        },
      },
      (text) => {
        setFaults({ form: text });
        setDraft(draft);
      },
    );
    setDraft(EMPTY);
  }

  const field = (name: keyof typeof EMPTY, label: string, type = "text") => (
    <FieldFrame id={`own-${name}`} label={label} fault={faults[name]}>
      <input
        id={`own-${name}`}
        type={type}
        className={`field ${name === "name" ? "" : "figures"}`}
        value={draft[name]}
        {...faultProps(`own-${name}`, faults[name])}
        onChange={(event) => {
          setDraft((before) => ({ ...before, [name]: event.target.value }));
        }}
      />
    </FieldFrame>
  );
  return (
    <form
      className="grid max-w-4xl grid-cols-2 items-start gap-2 py-1 sm:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      {field("name", words.name)}
      <Choice
        label={words.stage}
        value={stage}
        options={catalogue.stages.map(({ key: value, label }) => ({ value, label }))}
        onChange={setStage}
      />
      {field("hours", words.hours)}
      <Choice
        label={words.people}
        value={people}
        options={["1", "2", "3", "4"].map((value) => ({ value, label: value }))}
        onChange={setPeople}
      />
      <Choice
        label={words.where}
        value={place}
        options={[
          { value: NONE, label: words.everywhere },
          ...plan.beds.map(({ id: value, name: label }) => ({ value, label })),
        ]}
        onChange={setPlace}
      />
      <Choice
        label={words.when}
        value={when}
        options={[
          { value: "season", label: String(season) },
          { value: "later", label: words.someTime },
        ]}
        onChange={setWhen}
      />
      {when === "season" && field("day", words.notBefore, "date")}
      {field("cost", words.cost(currency))}
      <button type="submit" className="strong-button self-end">
        {words.add}
      </button>
      <Fault text={faults["form"]} />
    </form>
  );
}
