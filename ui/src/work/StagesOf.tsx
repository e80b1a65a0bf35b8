import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { StageChecks, type WorkStage } from "./StageChecks";

interface Props {
  chosen: readonly WorkStage[];
  summary: (labels: readonly string[]) => string;
  fault: string | undefined;
  onChange: (chosen: WorkStage[]) => void;
}

/** The kinds of work that something is for, by their names; opened, each is ticked. */
export function StagesOf({ chosen, summary, fault, onChange }: Props) {
  const { catalogue } = useDesk();
  const labels = new Map(catalogue.stages.map(({ key, label }) => [key, label]));
  return (
    <>
      <details>
        <summary className="cursor-pointer">
          {summary(chosen.map((stage) => labels.get(stage) ?? ""))}
        </summary>
        <StageChecks chosen={chosen} onChange={onChange} />
      </details>
      <Fault text={fault} />
    </>
  );
}
