import type { components } from "../api/schema";
import { CheckField } from "../parts/CheckField";
import { useDesk } from "../workspace/desk";

export type WorkStage = components["schemas"]["Worker"]["leaves"][number];

interface Props {
  chosen: readonly WorkStage[];
  onChange: (chosen: WorkStage[]) => void;
}

/** Kinds of work, each to be ticked. */
export function StageChecks({ chosen, onChange }: Props) {
  const { catalogue } = useDesk();
  return (
    <div className="grid max-w-3xl grid-cols-2 sm:grid-cols-4">
      {catalogue.stages.map(({ key, label }) => (
        <CheckField
          key={key}
          label={label}
          checked={chosen.includes(key)}
          onChange={(checked) => {
            onChange(checked ? [...chosen, key] : chosen.filter((each) => each !== key));
          }}
        />
      ))}
    </div>
  );
}
