import { useFieldEdit } from "../forms/useFieldEdit";
import { CheckField } from "../parts/CheckField";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** Rules that gardeners differ about: each is followed or left aside. */
export function SchoolsSection() {
  const { plan, catalogue } = useDesk();
  const { faults, edit } = useFieldEdit();
  const known = plan.rulesLeftAside[0];
  const aside = new Set(known?.rules ?? []);
  return (
    <details className="border-t border-rule pt-2">
      <summary className="cursor-pointer font-semibold">{words.schools}</summary>
      <p className="text-sm text-soft">{words.schoolsHint}</p>
      {catalogue.crops.schools.map(({ key, cause, rule, evidence }) => (
        <div key={key} className="border-b border-hair py-1">
          <CheckField
            label={cause}
            checked={!aside.has(key)}
            onChange={(follow) => {
              const rules = follow ? [...aside].filter((other) => other !== key) : [...aside, key];
              const rulesLeftAside = { id: known?.id ?? crypto.randomUUID(), rules };
              edit("rules", { kind: "PutRulesLeftAside", rulesLeftAside });
            }}
          />
          <p className="text-sm text-soft">
            {rule} {evidence}
          </p>
        </div>
      ))}
      <Fault text={faults["rules"]} />
    </details>
  );
}
