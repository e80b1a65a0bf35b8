import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import type { WorkStage } from "./StageChecks";

interface Props {
  label: string;
  value: WorkStage;
  onChange: (stage: WorkStage) => void;
}

/** One kind of work. */
export function StageChoice({ label, value, onChange }: Props) {
  const { catalogue } = useDesk();
  return (
    <Choice
      label={label}
      value={value}
      options={catalogue.stages.map(({ key, label: told }) => ({ value: key, label: told }))}
      onChange={onChange}
    />
  );
}
