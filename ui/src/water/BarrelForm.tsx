import { without } from "../edits/changes";
import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { LengthField } from "../parts/LengthField";
import { MeasureField } from "../parts/MeasureField";
import { formatBucket, parseBucket } from "../measure/water";
import { useDesk } from "../workspace/desk";
import { BarrelYearView } from "./BarrelYearView";
import { GearFields } from "./GearFields";
import { HaulFields, PumpFields, RoofFields } from "./SupplyFields";
import type { Barrel } from "./water";
import { words } from "./words";

/** A barrel or tank: where its water comes from, and what pushes it. */
export function BarrelForm({ barrel }: { barrel: Barrel }) {
  const { units, report } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const put = (field: string, part: Partial<Barrel>) => {
    edit(field, { kind: "PutBarrel", barrel: { ...barrel, ...part } });
  };
  const leaveOut = (field: "roof" | "haul" | "pump") => {
    edit(field, { kind: "PutBarrel", barrel: without(barrel, field) });
  };
  const year = report?.water.barrels.find((each) => each.barrel === barrel.id);
  return (
    <ThingForm
      thing={barrel}
      testId="barrel"
      about={formatBucket(barrel.holds, units)}
      seasons={{ from: "From season", until: "Gone from season" }}
      always="there already"
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${barrel.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveBarrel", barrel: barrel.id });
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2">
        <MeasureField
          label={words.holds}
          value={barrel.holds}
          format={(litres) => formatBucket(litres, units)}
          parse={(text) => parseBucket(text, units)}
          fault={faults["holds"]}
          onCommit={(holds) => {
            put("holds", { holds });
          }}
          onUnread={() => {
            refuse("holds", words.unreadableBucket);
          }}
        />
        <LengthField
          label={words.outletHeight}
          value={barrel.height}
          units={units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
      </div>
      <RoofFields
        roof={barrel.roof}
        faults={faults}
        onChange={(roof) => {
          if (roof) put("roof", { roof });
          else leaveOut("roof");
        }}
        onUnread={refuse}
      />
      {year && <BarrelYearView year={year} holds={barrel.holds} />}
      <HaulFields
        haul={barrel.haul}
        faults={faults}
        onChange={(haul) => {
          if (haul) put("haul", { haul });
          else leaveOut("haul");
        }}
        onUnread={refuse}
      />
      <PumpFields
        pump={barrel.pump}
        faults={faults}
        onChange={(pump) => {
          if (pump) put("pump", { pump });
          else leaveOut("pump");
        }}
        onUnread={refuse}
      />
      <CornerFields
        corners={[barrel.place]}
        least={1}
        fixed
        units={units}
        fault={faults["place"]}
        onChange={([place = barrel.place]) => {
          put("place", { place });
        }}
      />
      <GearFields
        gear={barrel.gear}
        faults={faults}
        onChange={(field, gear) => {
          put(field, { gear });
        }}
        onUnread={refuse}
      />
    </ThingForm>
  );
}
