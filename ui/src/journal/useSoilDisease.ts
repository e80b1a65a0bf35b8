import { useDesk } from "../workspace/desk";
import type { JournalEntry } from "./journal";

/** Notes in the plan that a loss was due to a disease which stays in the soil of its bed; of other entries nothing. */
export function useSoilDisease(): (entry: JournalEntry) => void {
  const { plan, catalogue, submit } = useDesk();
  return ({ day, place: bed, loss }) => {
    const disease = catalogue.crops.diseases.find(({ key }) => key === loss?.cause)?.key;
    if (!disease || !plan.beds.some(({ id }) => id === bed) || bed === undefined) return;
    const known = plan.soilDiseases.find((each) => each.bed === bed && each.disease === disease);
    if (known && known.found >= day) return;
    submit({
      kind: "PutSoilDisease",
      soilDisease: { id: known?.id ?? crypto.randomUUID(), disease, bed, found: day },
    });
  };
}
