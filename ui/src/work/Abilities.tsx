import type { components } from "../api/schema";
import { without } from "../edits/changes";
import { KILOGRAMS_PER_POUND } from "../measure/figures";
import { readNumber } from "../measure/numbers";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import type { Worker } from "./calendar";
import { abilityWords as words } from "./abilityWords";
import { StageChecks } from "./StageChecks";

type Ability = components["schemas"]["Ability"];

const ALL: Ability = { saws: true };
const NOBODY = "";

interface Props {
  worker: Worker;
  put: (field: string, part: Partial<Worker>) => void;
  refuse: (field: string, text: string) => void;
  faults: Readonly<Record<string, string | undefined>>;
}

/** What somebody does not do: kinds of work, lifting, sawing, and what is out of their reach. */
export function Abilities({ worker, put, refuse, faults }: Props) {
  const { plan, units } = useDesk();
  const ability = worker.ability ?? ALL;
  const { lifts, reach } = ability;
  const unit = units === "METRIC" ? 1 : KILOGRAMS_PER_POUND;
  const seated = plan.gardeners.filter(({ posture }) => posture === "SEATED");
  const change = (field: string, next: Ability) => {
    put(field, { ability: next });
  };
  return (
    <details>
      <summary className="cursor-pointer">{words.summary(limitsOf(worker))}</summary>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="w-44">
          <TextField
            figures
            label={words.lifts[units]}
            value={lifts === undefined ? "" : String(Math.round((lifts / unit) * 10) / 10)}
            fault={faults["ability/lifts"]}
            onCommit={(text) => {
              const read = readNumber(text);
              if (text.trim() === "") change("ability/lifts", without(ability, "lifts"));
              else if (read === null) refuse("ability/lifts", words.noNumber);
              else change("ability/lifts", { ...ability, lifts: read * unit });
            }}
          />
        </div>
        <CheckField
          label={words.saws}
          checked={ability.saws}
          onChange={(checked) => {
            change("ability", { ...ability, saws: checked });
          }}
        />
        {seated.length > 0 && (
          <Choice
            label={words.reach}
            value={reach ?? NOBODY}
            options={[
              { value: NOBODY, label: words.steps },
              ...seated.map(({ id, name }) => ({ value: id, label: words.fromSeat(name) })),
            ]}
            onChange={(chosen) => {
              change(
                "ability",
                chosen === NOBODY ? without(ability, "reach") : { ...ability, reach: chosen },
              );
            }}
          />
        )}
      </div>
      <Fault text={faults["ability"]} />
      <p className="pt-1 text-sm">{words.leaves}</p>
      <StageChecks
        chosen={worker.leaves}
        onChange={(leaves) => {
          put("leaves", { leaves });
        }}
      />
      <Fault text={faults["leaves"]} />
    </details>
  );
}

/** How many things somebody does not do. */
function limitsOf({ leaves, ability = ALL }: Worker): number {
  return (
    leaves.length +
    [ability.lifts !== undefined, !ability.saws, ability.reach !== undefined].filter(Boolean).length
  );
}
