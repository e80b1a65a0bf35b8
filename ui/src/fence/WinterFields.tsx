import { useFieldEdit } from "../forms/useFieldEdit";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import type { PostGround } from "./fence";
import { words } from "./words";

/** How deep snow lies and the ground freezes. */
export function WinterFields() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const known = desk.plan.postGrounds[0];
  const put = (part: Partial<PostGround>) => {
    const [field = "snow"] = Object.keys(part);
    const postGround = { id: crypto.randomUUID(), snow: 0, frost: 0, ...known, ...part };
    edit(field, { kind: "PutPostGround", postGround });
  };
  const field = (name: "snow" | "frost", label: string) => (
    <LengthField
      label={label}
      value={known && known[name] > 0 ? known[name] : undefined}
      units={desk.units}
      fault={faults[name]}
      onCommit={(metres) => {
        put({ [name]: metres });
      }}
      onEmpty={() => {
        put({ [name]: 0 });
      }}
    />
  );
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.winter}</h3>
      <div className="grid grid-cols-2 items-end gap-2">
        {field("snow", words.snow)}
        {field("frost", words.frost)}
      </div>
    </section>
  );
}
