import { ToolButton } from "../forms/ToolButton";
import type { Walk } from "../api/types";
import { RovingList } from "../parts/RovingList";
import { Choice } from "../parts/Choice";
import { boundsOf, corners } from "../sheet/geometry";
import { newWalk } from "../sheet/useDrawn";
import { words as everywhere } from "../words";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { ByNumbers } from "../forms/ByNumbers";
import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { resurfaced, WalkBuildFields } from "./WalkBuildFields";

/** Areas of walk and what they are made of. */
export function WalkList() {
  const desk = useDesk();
  const plot = boundsOf(desk.plan.site.corners);
  const middle = { x: (plot.left + plot.right) / 2, y: (plot.bottom + plot.top) / 2 };

  function add() {
    // A main walk up the middle, as wide as a barrow passes with ease: 42 in.
    const area = corners({ centre: middle, length: 1.0668, width: plot.top - plot.bottom, turn: 0 });
    desk.submit({ kind: "PutWalk", walk: newWalk("MAIN", area, desk.plan.walks, desk.catalogue.surfaces) });
  }

  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>Walks and their surfaces</h3>
      {desk.plan.walks.length === 0 && <p className="text-soft">{words.noWalks}</p>}
      <RovingList>
        {desk.plan.walks.map((walk) => (
          <WalkForm key={walk.id} walk={walk} />
        ))}
      </RovingList>
      <div className="flex flex-wrap gap-2">
        <ToolButton
          tool={{ kind: "walk", grade: "WORK" }}
          take="Draw a walk"
          inHand={everywhere.drawing.AREA}
        />
        <ByNumbers
          labels={["Walk by numbers", "Lay the walk"]}
          shortcut="W"
          extent="AREA"
          size={{ length: 3, width: 1 }}
          onPlace={(geometry, refused) => {
            if (geometry.kind !== "PLACES") return;
            const walk = newWalk("WORK", [...geometry.places], desk.plan.walks, desk.catalogue.surfaces);
            desk.submit({ kind: "PutWalk", walk }, refused);
            desk.select([walk.id]);
          }}
        />
        <button type="button" className="plain-button" onClick={add}>
          Main walk up the middle
        </button>
      </div>
    </section>
  );
}

function WalkForm({ walk }: { walk: Walk }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();

  function put(field: string, part: Partial<Walk>) {
    edit(field, { kind: "PutWalk", walk: { ...walk, ...part } });
  }

  return (
    <ThingForm
      thing={walk}
      about={desk.catalogue.surfaces.find((s) => s.key === walk.surface)?.label}
      seasons={{ from: "Made in season", until: "Taken up in season" }}
      always={String(desk.plan.firstSeason)}
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${walk.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveWalk", walk: walk.id });
      }}
    >
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label="Grade"
          value={walk.grade}
          options={[
            { value: "MAIN", label: "main walk" },
            { value: "WORK", label: "work walk" },
          ]}
          onChange={(grade) => {
            put("grade", { grade });
          }}
        />
        <Choice
          label="Surface"
          value={walk.surface}
          options={desk.catalogue.surfaces.map((s) => ({ value: s.key, label: s.label }))}
          onChange={(surface) => {
            edit("surface", {
              kind: "PutWalk",
              walk: resurfaced(walk, surface, desk.catalogue.surfaces),
            });
          }}
        />
      </div>
      <CornerFields
        corners={walk.corners}
        units={desk.units}
        fault={faults["corners"]}
        onChange={(area) => {
          put("corners", { corners: area });
        }}
      />
      <WalkBuildFields walk={walk} />
    </ThingForm>
  );
}
