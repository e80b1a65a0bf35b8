import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { SideView } from "../hoop/SideView";
import { formatMass } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import type { Arch, ArchTold } from "./arches";
import { StakesHold } from "../over/StakesHold";
import { words } from "./words";

/** One arch by its panel, with what is told of it. */
export function ArchForm({ arch, told }: { arch: Arch; told: ArchTold | undefined }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const put = (field: string, part: Partial<Arch>) => {
    edit(field, { kind: "PutArch", arch: { ...arch, ...part } });
  };
  return (
    <ThingForm
      thing={arch}
      testId="arch"
      about={
        told?.headroom === undefined ? undefined : words.headroom(formatLength(told.headroom, desk.units))
      }
      seasons={{ from: "Put up in season", until: "Taken down in season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeDown(arch.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveArch", arch: arch.id });
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label={words.panel}
          value={arch.panel}
          units={desk.units}
          fault={faults["panel"]}
          onCommit={(panel) => {
            put("panel", { panel });
          }}
        />
        <LengthField
          label={words.width}
          value={arch.width}
          units={desk.units}
          fault={faults["width"]}
          onCommit={(width) => {
            put("width", { width });
          }}
        />
      </div>
      <p className="text-sm text-soft">{words.moveHint}</p>
      {told && <Figures arch={arch} told={told} />}
    </ThingForm>
  );
}

function Figures({ arch, told }: { arch: Arch; told: ArchTold }) {
  const { units, bedById } = useDesk();
  const names = told.beds.flatMap((bed) => bedById.get(bed)?.name ?? []);
  return (
    <div className="space-y-1 text-sm" data-testid="arch-figures">
      {told.rise !== undefined && (
        <SideView
          bow={{ side: told.side, span: told.span, rise: told.rise }}
          depth={0}
          label={(rise, span) => words.sideView(arch.name, rise, span)}
        />
      )}
      {names.length > 0 && <p>{words.stands(names)}</p>}
      {told.picked !== undefined && <p>{words.picked(formatLength(told.picked, units))}</p>}
      {told.widest !== undefined && <p>{words.widest(formatLength(told.widest, units))}</p>}
      {told.hold && (
        <>
          <p>{words.overgrown}</p>
          <StakesHold {...told.hold} />
        </>
      )}
      <p>{words.weighs(formatMass(told.kilograms, units))}</p>
    </div>
  );
}
