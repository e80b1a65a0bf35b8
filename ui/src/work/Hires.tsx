import { useState } from "react";
import type { components } from "../api/schema";
import { without } from "../edits/changes";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatMoney } from "../measure/figures";
import { formatDay } from "../measure/halfMonths";
import { plainAmount } from "../measure/numbers";
import { Fault } from "../parts/Fault";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { weekdayOf, type WorkCalendar } from "./calendar";
import { DraftField } from "./DraftField";
import { hireWords as words } from "./hireWords";
import type { WorkStage } from "./StageChecks";
import { StageChoice } from "./StageChoice";
import { StagesOf } from "./StagesOf";
import { useDraft } from "./useDraft";

type Hire = components["schemas"]["Hire"];
type Hired = WorkCalendar["hires"][number];

/** Machines that are hired: for which work, on which days, at what price. */
export function Hires({ told }: { told: readonly Hired[] }) {
  const { plan, season } = useDesk();
  const hires = plan.hires.filter((each) => each.season === season);
  return (
    <details className="py-1 print:hidden" data-testid="hires">
      <summary className="cursor-pointer">{words.title(hires.length)}</summary>
      <p className="max-w-prose text-sm text-soft">{words.about}</p>
      {hires.map((hire) => (
        <HireForm key={hire.id} hire={hire} told={told.find((each) => each.hire === hire.id)} />
      ))}
      <NewHire />
    </details>
  );
}

interface HireProps {
  hire: Hire;
  told: Hired | undefined;
}

function HireForm({ hire, told }: HireProps) {
  const { faults, edit } = useFieldEdit();
  const put = (field: string, next: Hire) => {
    edit(field, { kind: "PutHire", hire: next });
  };
  const { daily, weekend } = hire;
  const { currency } = daily;
  const money = (text: string) => ({ amount: plainAmount(text, currency), currency });
  return (
    <div className="border-t border-hair py-1">
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-56">
          <TextField
            label={words.name}
            value={hire.name}
            fault={faults["name"]}
            onCommit={(name) => {
              put("name", { ...hire, name });
            }}
          />
        </div>
        <div className="w-28">
          <TextField
            figures
            label={words.daily(currency)}
            value={daily.amount}
            fault={faults["daily"]}
            onCommit={(text) => {
              put("daily", { ...hire, daily: money(text) });
            }}
          />
        </div>
        <div className="w-32">
          <TextField
            figures
            label={words.weekend(currency)}
            value={weekend?.amount ?? ""}
            fault={faults["weekend"]}
            onCommit={(text) => {
              put(
                "weekend",
                text.trim() === "" ? without(hire, "weekend") : { ...hire, weekend: money(text) },
              );
            }}
          />
        </div>
        <button
          type="button"
          className="plain-button"
          aria-label={words.removeNamed(hire.name)}
          onClick={() => {
            edit("name", { kind: "RemoveHire", hire: hire.id });
          }}
        >
          {words.remove}
        </button>
      </div>
      <StagesOf
        chosen={hire.stages}
        summary={words.worksAt}
        fault={faults["stages"]}
        onChange={(stages) => {
          put("stages", { ...hire, stages });
        }}
      />
      {told && (
        <Days
          hire={hire}
          told={told}
          onBook={(booked) => {
            put("booked", { ...hire, booked });
          }}
        />
      )}
      <Fault text={faults["booked"]} />
    </div>
  );
}

/** On which days it is needed, or booked. */
function Days({ hire, told, onBook }: HireProps & { told: Hired; onBook: (days: string[]) => void }) {
  const { season } = useDesk();
  const [day, setDay] = useState("");
  const onDay = (each: string) => `${weekdayOf(each)} ${formatDay(each, season)}`;
  const isBooked = hire.booked.length > 0;
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
      <p>
        {isBooked && words.booked(hire.booked.map(onDay), formatMoney(told.cost))}
        {!isBooked &&
          (told.days.length > 0 ? words.needed(told.days.map(onDay), formatMoney(told.cost)) : words.none)}
        {told.idle.length > 0 && <span className="text-snag"> {words.idle(told.idle.map(onDay))}</span>}
      </p>
      {!isBooked && told.days.length > 0 && (
        <button
          type="button"
          className="plain-button"
          aria-label={words.bookNamed(hire.name)}
          onClick={() => {
            onBook(told.days);
          }}
        >
          {words.book}
        </button>
      )}
      {isBooked && (
        <button
          type="button"
          className="plain-button"
          aria-label={words.giveBackNamed(hire.name)}
          onClick={() => {
            onBook([]);
          }}
        >
          {words.giveBack}
        </button>
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          onBook([...hire.booked, day]);
          setDay("");
        }}
      >
        <DraftField type="date" label={words.bookDay} value={day} onChange={setDay} />
        <button type="submit" className="plain-button" disabled={day === ""}>
          {words.addDay}
        </button>
      </form>
    </div>
  );
}

const EMPTY = { name: "", daily: "" };

function NewHire() {
  const { plan, season } = useDesk();
  const { currency } = plan.budget.sum;
  const { draft, set, fault, add } = useDraft(EMPTY);
  const [stage, setStage] = useState<WorkStage>("BASE");
  return (
    <form
      className="flex flex-wrap items-end gap-2 border-t border-hair py-1"
      onSubmit={(event) => {
        event.preventDefault();
        const daily = { amount: plainAmount(draft.daily, currency), currency };
        const id = crypto.randomUUID();
        add({
          kind: "PutHire",
          hire: { id, name: draft.name, season, stages: [stage], daily, booked: [] },
        });
      }}
    >
      <DraftField
        label={words.name}
        value={draft.name}
        onChange={(name) => {
          set({ name });
        }}
      />
      <DraftField
        figures
        label={words.daily(currency)}
        value={draft.daily}
        onChange={(daily) => {
          set({ daily });
        }}
      />
      <StageChoice label={words.firstStage} value={stage} onChange={setStage} />
      <button
        type="submit"
        className="plain-button"
        disabled={draft.name.trim() === "" || draft.daily.trim() === ""}
      >
        {words.add}
      </button>
      <Fault text={fault} />
    </form>
  );
}
