import type { Bed, Change } from "../api/types";
import { CheckField } from "../parts/CheckField";
import { useDesk } from "../workspace/desk";

interface Props {
  bed: Bed;
  edit: (field: string, change: Change | null) => void;
}

/** Who tends a bed: it is judged for them alone. Nobody in particular means everybody. */
export function TendedBy({ bed, edit }: Props) {
  const { gardeners } = useDesk().plan;
  if (gardeners.length < 2) return null;
  const given = gardeners.filter(({ id }) => bed.tendedBy.includes(id)).map(({ id }) => id);
  const tending = given.length > 0 ? given : gardeners.map(({ id }) => id);

  function change(gardener: string, tends: boolean) {
    const after = gardeners
      .map(({ id }) => id)
      .filter((id) => (id === gardener ? tends : tending.includes(id)));
    edit("tendedBy", {
      kind: "TendBed",
      bed: bed.id,
      gardeners: after.length === gardeners.length ? [] : after,
    });
  }

  return (
    <fieldset className="border-t border-hair pt-2">
      <legend className="text-sm text-soft">Tended by</legend>
      <div className="flex flex-wrap gap-x-3">
        {gardeners.map(({ id, name }) => (
          <CheckField
            key={id}
            label={name}
            checked={tending.includes(id)}
            onChange={(tends) => {
              change(id, tends);
            }}
          />
        ))}
      </div>
      {given.length > 0 && <p className="text-sm text-soft">Reach and heights are judged for them alone.</p>}
    </fieldset>
  );
}
