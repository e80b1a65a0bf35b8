import { Fault } from "../parts/Fault";
import { useFieldEdit } from "../forms/useFieldEdit";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** Diseases that stay in the soil of beds, and for how long what catches them keeps away. */
export function DiseasedSoil() {
  const { plan, catalogue } = useDesk();
  const { faults, edit } = useFieldEdit();
  const diseases = new Map(catalogue.crops.diseases.map((disease) => [disease.key, disease]));
  const names = new Map(plan.beds.map(({ id, name }) => [id, name]));
  if (plan.soilDiseases.length === 0) return null;
  return (
    <section className="py-1" data-testid="diseased-soil">
      <h3>{words.diseased}</h3>
      <ul>
        {plan.soilDiseases.map(({ id, disease, bed, found }) => {
          const known = diseases.get(disease);
          const said = words.inSoil(known?.label ?? "", names.get(bed) ?? "", found.slice(0, 4));
          return (
            <li key={id}>
              {said} {known && words.keepsAway(known.family, known.years)}{" "}
              <button
                type="button"
                className="text-button text-sm"
                aria-label={words.forgetNamed(said)}
                onClick={() => {
                  edit(id, { kind: "RemoveSoilDisease", soilDisease: id });
                }}
              >
                {words.wrong}
              </button>
              <Fault text={faults[id]} />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
