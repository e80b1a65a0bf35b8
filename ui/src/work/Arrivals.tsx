import { useState } from "react";
import type { components } from "../api/schema";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatMoney } from "../measure/figures";
import { formatDay } from "../measure/halfMonths";
import { plainAmount } from "../measure/numbers";
import { Fault } from "../parts/Fault";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { seasonOfDay } from "../workspace/seasons";
import { arrivalWords as words } from "./arrivalWords";
import { DraftField } from "./DraftField";
import type { WorkStage } from "./StageChecks";
import { StageChoice } from "./StageChoice";
import { StagesOf } from "./StagesOf";
import { useDraft } from "./useDraft";

type Delivery = components["schemas"]["Delivery"];

/** What has to be there before work begins: what was ordered, and the money for the rest. */
export function Arrivals() {
  const { plan, season } = useDesk();
  const deliveries = plan.deliveries.filter((each) => each.season === season);
  const incomes = plan.incomes
    .filter(({ day }) => seasonOfDay(day, plan.yearBegins) === season)
    .sort((a, b) => a.day.localeCompare(b.day));
  return (
    <details className="py-1 print:hidden" data-testid="arrivals">
      <summary className="cursor-pointer">{words.title(deliveries.length, incomes.length)}</summary>
      <section className="py-1">
        <h3>{words.deliveries}</h3>
        <p className="max-w-prose text-sm text-soft">{words.aboutDeliveries}</p>
        {deliveries.map((delivery) => (
          <DeliveryForm key={delivery.id} delivery={delivery} />
        ))}
        <NewDelivery />
      </section>
      <section className="py-1">
        <h3>{words.money}</h3>
        <p className="max-w-prose text-sm text-soft">{words.aboutMoney}</p>
        <ul>
          {incomes.map((income) => (
            <IncomeLine key={income.id} income={income} />
          ))}
        </ul>
        <NewIncome />
      </section>
    </details>
  );
}

function DeliveryForm({ delivery }: { delivery: Delivery }) {
  const { faults, edit } = useFieldEdit();
  const put = (field: string, part: Partial<Delivery>) => {
    edit(field, { kind: "PutDelivery", delivery: { ...delivery, ...part } });
  };
  return (
    <div className="border-t border-hair py-1">
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-64">
          <TextField
            label={words.name}
            value={delivery.name}
            fault={faults["name"]}
            onCommit={(name) => {
              put("name", { name });
            }}
          />
        </div>
        <div className="w-44">
          <TextField
            figures
            type="date"
            label={words.day}
            value={delivery.day}
            fault={faults["day"]}
            onCommit={(day) => {
              put("day", { day });
            }}
          />
        </div>
        <button
          type="button"
          className="plain-button"
          aria-label={words.removeNamed(delivery.name)}
          onClick={() => {
            edit("name", { kind: "RemoveDelivery", delivery: delivery.id });
          }}
        >
          {words.remove}
        </button>
      </div>
      <StagesOf
        chosen={delivery.stages}
        summary={words.waits}
        fault={faults["stages"]}
        onChange={(stages) => {
          put("stages", { stages });
        }}
      />
    </div>
  );
}

const EMPTY_DELIVERY = { name: "", day: "" };

function NewDelivery() {
  const { season } = useDesk();
  const { draft, set, fault, add } = useDraft(EMPTY_DELIVERY);
  const [stage, setStage] = useState<WorkStage>("FILL");
  return (
    <form
      className="flex flex-wrap items-end gap-2 border-t border-hair py-1"
      onSubmit={(event) => {
        event.preventDefault();
        add({
          kind: "PutDelivery",
          delivery: { id: crypto.randomUUID(), season, stages: [stage], ...draft },
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
        type="date"
        label={words.day}
        value={draft.day}
        onChange={(day) => {
          set({ day });
        }}
      />
      <StageChoice label={words.firstStage} value={stage} onChange={setStage} />
      <button type="submit" className="plain-button" disabled={draft.name.trim() === "" || draft.day === ""}>
        {words.add}
      </button>
      <Fault text={fault} />
    </form>
  );
}

function IncomeLine({ income: { id, day, amount } }: { income: components["schemas"]["Income"] }) {
  const { season } = useDesk();
  const { faults, edit } = useFieldEdit();
  const onDay = formatDay(day, season);
  return (
    <li>
      {words.told(formatMoney(amount), onDay)}{" "}
      <button
        type="button"
        className="text-button text-sm"
        aria-label={words.moneyGoneNamed(formatMoney(amount), onDay)}
        onClick={() => {
          edit("income", { kind: "RemoveIncome", income: id });
        }}
      >
        {words.moneyGone}
      </button>
      <Fault text={faults["income"]} />
    </li>
  );
}

const EMPTY_INCOME = { day: "", amount: "" };

function NewIncome() {
  const { plan } = useDesk();
  const { currency } = plan.budget.sum;
  const { draft, set, fault, add } = useDraft(EMPTY_INCOME);
  return (
    <form
      className="flex flex-wrap items-end gap-2 py-1"
      onSubmit={(event) => {
        event.preventDefault();
        const amount = { amount: plainAmount(draft.amount, currency), currency };
        add({ kind: "PutIncome", income: { id: crypto.randomUUID(), day: draft.day, amount } });
      }}
    >
      <DraftField
        type="date"
        label={words.moneyDay}
        value={draft.day}
        onChange={(day) => {
          set({ day });
        }}
      />
      <DraftField
        figures
        label={words.amount(currency)}
        value={draft.amount}
        onChange={(amount) => {
          set({ amount });
        }}
      />
      <button
        type="submit"
        className="plain-button"
        disabled={draft.day === "" || draft.amount.trim() === ""}
      >
        {words.addMoney}
      </button>
      <Fault text={fault} />
    </form>
  );
}
