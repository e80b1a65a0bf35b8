import type { Bed } from "../api/types";
import { batch, without } from "../edits/changes";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { words } from "./words";
import { revisionIn } from "../workspace/revisionIn";
import { useFieldEdit } from "../forms/useFieldEdit";

const NOTHING = "nothing";
const COMPOST = "compost";
const SEVERAL = "several";

/** Whether beds in the ground get compost; for the selected ones, or for all. */
export function InGroundForm({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { recipes, spread, topUp } = desk.catalogue;
  const recipe = recipes.find((each) => each.spread);
  const [first] = beds;
  if (!first || !recipe) return null;
  const fed = beds.filter((bed) => revisionIn(bed, desk.season)?.build.filling);

  function choose(value: string) {
    const changes = beds.flatMap((bed) => {
      const now = revisionIn(bed, desk.season);
      if (!now || (value === NOTHING) === !now.build.filling) return [];
      const build =
        value === NOTHING ? without(now.build, "filling") : { ...now.build, filling: recipe?.filling };
      return [{ kind: "RebuildBed" as const, bed: bed.id, revision: { ...now, build } }];
    });
    if (changes.length > 0) edit("filling", batch("Compost for beds in the ground", changes));
  }

  return (
    <section className="space-y-2 border-t border-rule pt-2" data-testid="in-ground">
      <Choice
        label={
          beds.length === 1 ? `In the ground: ${first.name}` : `In the ground: ${String(beds.length)} beds`
        }
        value={fed.length === 0 ? NOTHING : fed.length === beds.length ? COMPOST : SEVERAL}
        options={[
          ...(fed.length > 0 && fed.length < beds.length
            ? [{ value: SEVERAL, label: "some get compost" }]
            : []),
          { value: NOTHING, label: "Nothing brought in" },
          { value: COMPOST, label: recipe.label },
        ]}
        onChange={choose}
      />
      <p className="text-sm text-soft">
        Loosen the ground and rake in {formatLength(spread, desk.units)} of compost at first. After that:{" "}
        {words.topUp(formatLength(topUp, desk.units))}
      </p>
      {faults["filling"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["filling"]}
        </p>
      )}
    </section>
  );
}
