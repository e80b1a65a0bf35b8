import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDistance } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import { asKind, type Trellis, type TrellisTold } from "./trellises";
import { TrellisFigures } from "./TrellisFigures";
import { words } from "./words";

/** One trellis by numbers, with what it takes. */
export function TrellisForm({ trellis, told }: { trellis: Trellis; told: TrellisTold | undefined }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { kinds } = desk.catalogue.trellises;
  const kind = kinds.find(({ key }) => key === trellis.kind);
  const keep = (field: string, after: Trellis) => {
    edit(field, { kind: "PutTrellis", trellis: after });
  };
  const put = (field: string, part: Partial<Trellis>) => {
    keep(field, { ...trellis, ...part });
  };
  const spaced = kind?.onPosts ? "posts" : trellis.kind === "STAKES" ? "stakes" : "feet";
  return (
    <ThingForm
      thing={trellis}
      testId="trellis"
      about={
        told && `${formatDistance(told.length, desk.units)}, ${formatLength(trellis.height, desk.units)} high`
      }
      seasons={{ from: "Put up in season", until: "Taken down in season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeDown(trellis.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveTrellis", trellis: trellis.id });
      }}
    >
      <Choice
        label={words.what}
        value={trellis.kind}
        options={kinds.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          const chosen = kinds.find(({ key }) => key === value);
          if (chosen) keep("kind", asKind(trellis, chosen, desk.units));
        }}
      />
      {kind && (
        <p className="text-sm text-soft">
          {kind.remark} {words.lasts(kind.years)}
        </p>
      )}
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label={words.height}
          value={trellis.height}
          units={desk.units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
        {kind?.leans && (
          <LengthField
            label={words.base}
            value={trellis.base}
            units={desk.units}
            fault={faults["base"]}
            onCommit={(base) => {
              put("base", { base });
            }}
          />
        )}
        {trellis.kind !== "TEEPEE" && (
          <LengthField
            label={words.apart[spaced]}
            value={trellis.apart}
            units={desk.units}
            fault={faults["apart"]}
            onCommit={(apart) => {
              put("apart", { apart });
            }}
          />
        )}
      </div>
      {kind?.onPosts && <PostFields trellis={trellis} onChange={put} />}
      {told && <TrellisFigures trellis={trellis} told={told} />}
      <CornerFields
        corners={trellis.places}
        least={2}
        units={desk.units}
        fault={faults["places"]}
        onChange={(places) => {
          put("places", { places: [...places] });
        }}
      />
    </ThingForm>
  );
}

interface PostFieldsProps {
  trellis: Trellis;
  onChange: (field: string, part: Partial<Trellis>) => void;
}

/** What holds it up, and the wind that it is held against. */
function PostFields({ trellis, onChange }: PostFieldsProps) {
  const { catalogue, units } = useDesk();
  const { winds } = catalogue.trellises;
  const wind = winds.find(({ key }) => key === trellis.wind);
  return (
    <>
      <Choice
        label={words.posts}
        value={trellis.posts}
        options={catalogue.fences.posts
          .filter(({ kind }) => kind !== "CANES")
          .map(({ kind: value, label }) => ({ value, label }))}
        onChange={(posts) => {
          onChange("posts", { posts });
        }}
      />
      <Choice
        label={words.wind}
        value={trellis.wind}
        options={winds.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          onChange("wind", { wind: value });
        }}
      />
      {wind && (
        <p className="text-sm text-soft">{words.windHint(wind.called, words.speed[units](wind.speed))}</p>
      )}
    </>
  );
}
