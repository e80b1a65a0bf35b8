import { useState } from "react";
import type { Wish } from "../api/types";
import { plainAmount } from "../measure/numbers";
import { CheckField } from "../parts/CheckField";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";

type Conditions = Wish["conditions"];

interface Props {
  conditions: Conditions;
  onChange: (conditions: Conditions) => void;
}

/** What every layout has to keep to: what it may cost, how many beds and how wide, and which manners are not wanted. */
export function ConditionFields({ conditions, onChange }: Props) {
  const { units, catalogue, plan } = useDesk();
  const [faults, setFaults] = useState<Partial<Record<keyof Conditions, string>>>({});
  const { currency } = plan.budget.sum;

  /** An undefined value takes the condition off. */
  function put(part: { [K in keyof Conditions]?: Conditions[K] | undefined }) {
    setFaults({});
    const all = Object.entries({ ...conditions, ...part }).filter(([, value]) => value !== undefined);
    onChange(Object.fromEntries(all) as unknown as Conditions);
  }

  function count(name: "leastBeds" | "mostBeds", text: string) {
    const beds = Number(text);
    if (text.trim() === "") put({ [name]: undefined });
    else if (Number.isInteger(beds) && beds >= 1) put({ [name]: beds });
    else setFaults({ [name]: "Write a number of beds." });
  }

  return (
    <details>
      <summary className="cursor-pointer font-semibold">Limits</summary>
      <div className="mt-1 grid grid-cols-2 items-end gap-2">
        <TextField
          label={`At most, ${currency}`}
          figures
          value={conditions.budget?.amount ?? ""}
          empty="any"
          fault={faults.budget}
          onCommit={(text) => {
            const amount = plainAmount(text, currency);
            if (text.trim() === "") put({ budget: undefined });
            else if (/^\d+(\.\d+)?$/.test(amount)) put({ budget: { amount, currency } });
            else setFaults({ budget: "Write a sum." });
          }}
        />
        {(["leastBeds", "mostBeds"] as const).map((name) => (
          <TextField
            key={name}
            label={name === "leastBeds" ? "Least beds" : "Most beds"}
            figures
            value={String(conditions[name] ?? "")}
            empty="any"
            fault={faults[name]}
            onCommit={(text) => {
              count(name, text);
            }}
          />
        ))}
        <LengthField
          label="Widest bed"
          value={conditions.widest}
          units={units}
          onCommit={(widest) => {
            put({ widest });
          }}
          onEmpty={() => {
            put({ widest: undefined });
          }}
        />
      </div>
      <fieldset className="mt-2">
        <legend className="text-sm text-soft">Manners to try</legend>
        {catalogue.layouts.map(({ key, label }) => (
          <CheckField
            key={key}
            label={label}
            checked={!conditions.leaveOut.includes(key)}
            onChange={(wanted) => {
              const { leaveOut } = conditions;
              put({ leaveOut: wanted ? leaveOut.filter((other) => other !== key) : [...leaveOut, key] });
            }}
          />
        ))}
      </fieldset>
    </details>
  );
}
