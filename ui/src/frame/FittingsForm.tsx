import type { Bed, Fittings } from "../api/types";
import { useFrameDrawing } from "../api/queries";
import { batch, without } from "../edits/changes";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";
import { useFieldEdit } from "../forms/useFieldEdit";

/** What frames have besides boards: posts, supports, a liner, something beneath. What is usual stands until it is changed. */
export function FittingsForm({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { edit } = useFieldEdit();
  const framed = beds.filter((bed) => revisionIn(bed, desk.season)?.frame);
  const [first] = framed;
  const { data: drawing } = useFrameDrawing(
    desk.plan.id,
    desk.garden.revision,
    first?.id ?? "",
    desk.season,
    first !== undefined,
  );
  const fittings = drawing?.hardware.fittings;
  // What is kept on show while the next bed is asked for is another bed's.
  if (!first || !fittings || drawing.bed !== first.id) return null;
  const { posts, supports, underlays } = desk.catalogue.fittings;
  const chosen = revisionIn(first, desk.season)?.build.fittings !== undefined;

  function put(next: Fittings | undefined) {
    const changes = framed.flatMap((bed) => {
      const now = revisionIn(bed, desk.season);
      if (!now) return [];
      const build = next ? { ...now.build, fittings: next } : without(now.build, "fittings");
      return [{ kind: "RebuildBed" as const, bed: bed.id, revision: { ...now, build } }];
    });
    edit("fittings", batch("Fit frames out otherwise", changes));
  }

  return (
    <section className="space-y-2 border-t border-hair pt-2" data-testid="fittings">
      <h3>What holds and lines it</h3>
      <Choice
        label="Posts inside the corners"
        value={fittings.posts}
        options={posts.map(({ key, label }) => ({ value: key, label }))}
        onChange={(key) => {
          put({ ...fittings, posts: key as Fittings["posts"] });
        }}
      />
      <Choice
        label="Against bowing"
        value={fittings.support}
        options={supports.map(({ key, label }) => ({ value: key, label }))}
        onChange={(key) => {
          put({ ...fittings, support: key as Fittings["support"] });
        }}
      />
      <p className="text-sm text-soft">{supports.find(({ key }) => key === fittings.support)?.remark}</p>
      <Choice
        label="Beneath it"
        value={fittings.underlay}
        options={underlays.map(({ key, label }) => ({ value: key, label }))}
        onChange={(key) => {
          put({ ...fittings, underlay: key as Fittings["underlay"] });
        }}
      />
      <p className="text-sm text-soft">{underlays.find(({ key }) => key === fittings.underlay)?.remark}</p>
      <CheckField
        label="Polythene between wood and soil, at the sides"
        checked={fittings.liner}
        onChange={(liner) => {
          put({ ...fittings, liner });
        }}
      />
      {chosen && (
        <button
          type="button"
          className="text-button"
          onClick={() => {
            put(undefined);
          }}
        >
          Back to what is usual for such boards
        </button>
      )}
    </section>
  );
}
