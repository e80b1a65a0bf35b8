import { ToolButton } from "../forms/ToolButton";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { RovingList } from "../parts/RovingList";
import { ByNumbers } from "../forms/ByNumbers";
import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { words as everywhere } from "../words";
import { FedBy } from "./FedBy";
import { useWater } from "./useWater";
import { bedLines, type Manifold } from "./water";
import { words } from "./words";

const VALVES = [2, 3, 4];

/** Manifolds: put down on the sheet, and fed by what is nearest. */
export function ManifoldsSection() {
  const desk = useDesk();
  const water = useWater();
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.manifolds}</h3>
      <p className="text-sm text-soft">{words.manifoldsExplained}</p>
      <RovingList>
        {byName(desk.plan.manifolds).map((manifold) => (
          <ManifoldForm key={manifold.id} manifold={manifold} />
        ))}
      </RovingList>
      <div className="flex flex-wrap gap-2">
        <ToolButton
          tool={{
            kind: "spot",
            drawn: (place) => {
              void water.manifold(place);
            },
          }}
          take={words.placeManifold}
          inHand={everywhere.drawing.SPOT}
        />
        <ByNumbers
          labels={[words.manifoldByNumbers, words.fixThere]}
          shortcut="N"
          extent="SPOT"
          size={{ length: 0, width: 0 }}
          onPlace={(geometry, refused) => {
            if (geometry.kind === "SPOT") void water.manifold(geometry.place, refused);
          }}
        />
      </div>
      {water.fault && (
        <p role="alert" className="text-snag">
          {water.fault}
        </p>
      )}
    </section>
  );
}

function ManifoldForm({ manifold }: { manifold: Manifold }) {
  const { plan, units } = useDesk();
  const { faults, edit } = useFieldEdit();
  const taken = [...plan.waterRuns, ...plan.manifolds, ...bedLines(plan).map(({ lines }) => lines)].filter(
    ({ from }) => from === manifold.id,
  ).length;
  const put = (field: string, part: Partial<Manifold>) => {
    edit(field, { kind: "PutManifold", manifold: { ...manifold, ...part } });
  };
  return (
    <ThingForm
      thing={manifold}
      testId="manifold"
      about={words.valvesTaken(taken, manifold.valves)}
      seasons={{ from: "Fixed in season", until: "Taken off in season" }}
      always="there already"
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${manifold.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveManifold", manifold: manifold.id });
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2">
        <Choice
          label={words.valves}
          value={String(manifold.valves)}
          options={VALVES.map((valves) => ({ value: String(valves), label: String(valves) }))}
          onChange={(valves) => {
            put("valves", { valves: Number(valves) });
          }}
        />
        <LengthField
          label={words.handles}
          value={manifold.height}
          units={units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
      </div>
      <FedBy
        from={manifold.from}
        not={manifold.id}
        onChange={(from) => {
          put("from", { from });
        }}
      />
      <CornerFields
        corners={[manifold.place]}
        fixed
        units={units}
        fault={faults["place"]}
        onChange={([place]) => {
          if (place) put("place", { place });
        }}
      />
    </ThingForm>
  );
}
