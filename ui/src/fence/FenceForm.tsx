import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDistance } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import { isRing, type Fence } from "./fence";
import { FenceFigures } from "./FenceFigures";
import { FenceMakes } from "./FenceMakes";
import { FixedPosts } from "./FixedPosts";
import { FootFields } from "./FootFields";
import { words } from "./words";

/** One fence by numbers, with what it takes. */
export function FenceForm({ fence }: { fence: Fence }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { kinds, posts } = desk.catalogue.fences;
  const told = desk.report?.fencing.fences.find((each) => each.fence === fence.id);
  const put = (field: string, part: Partial<Fence>) => {
    edit(field, { kind: "PutFence", fence: { ...fence, ...part } });
  };
  const kind = kinds.find((each) => each.kind === fence.kind);
  const post = posts.find((each) => each.kind === fence.posts);
  const ring = isRing(fence.places);
  const gated = desk.report?.fencing.gates.some((gate) => gate.fence === fence.id && gate.made) ?? false;
  return (
    <ThingForm
      thing={fence}
      testId="fence"
      about={
        told && `${formatDistance(told.length, desk.units)}, ${formatLength(fence.height, desk.units)} high`
      }
      seasons={{ from: "Put up in season", until: "Taken down in season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeDown(fence.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveFence", fence: fence.id });
      }}
    >
      <Choice
        label={words.kind}
        value={fence.kind}
        options={kinds.map(({ kind: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("kind", { kind: value });
        }}
      />
      {kind && <p className="text-sm text-soft">{kind.remark}</p>}
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label={words.height}
          value={fence.height}
          units={desk.units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
        <Choice
          label={words.posts}
          value={fence.posts}
          options={posts.map(({ kind: value, label }) => ({ value, label }))}
          onChange={(value) => {
            put("posts", { posts: value });
          }}
        />
      </div>
      {post && <p className="text-sm text-soft">{post.remark}</p>}
      {(kind?.boarded ?? false) || gated ? (
        <Choice
          label={words.timber}
          value={fence.timber}
          options={desk.catalogue.materials.map(({ key, label }) => ({ value: key, label }))}
          onChange={(timber) => {
            put("timber", { timber });
          }}
        />
      ) : null}
      <FootFields
        foot={fence.foot}
        faults={faults}
        onChange={(field, foot) => {
          put(field, { foot });
        }}
      />
      {told && <FenceFigures told={told} />}
      <FixedPosts
        fence={fence}
        fault={faults["fixed"]}
        onChange={(fixed) => {
          put("fixed", { fixed });
        }}
      />
      <FenceMakes fence={fence} />
      <CornerFields
        corners={ring ? fence.places.slice(0, -1) : fence.places}
        least={ring ? 3 : 2}
        units={desk.units}
        fault={faults["places"]}
        onChange={(places) => {
          const [first] = places;
          put("places", { places: ring && first ? [...places, first] : places });
        }}
      />
    </ThingForm>
  );
}
