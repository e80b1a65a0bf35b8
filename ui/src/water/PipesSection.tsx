import { formatLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { RovingList } from "../parts/RovingList";
import { DrawLine } from "../forms/DrawLine";
import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { FedBy } from "./FedBy";
import { LayForMe } from "./LayForMe";
import { OwnPipe } from "./OwnPipe";
import { useWater } from "./useWater";
import type { WaterRun } from "./water";
import { words } from "./words";

/** Runs of pipe, drawn on the sheet. */
export function PipesSection() {
  const desk = useDesk();
  const water = useWater();
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.pipes}</h3>
      {desk.plan.waterRuns.length === 0 && <p className="text-soft">{words.noPipes}</p>}
      <RovingList>
        {byName(desk.plan.waterRuns).map((run) => (
          <RunForm key={run.id} run={run} />
        ))}
      </RovingList>
      <DrawLine
        take={words.drawRun}
        labels={[words.pipeByNumbers, words.layThere]}
        shortcut="N"
        draw={water.run}
      />
      <LayForMe />
      {desk.plan.waterRuns.length > 0 && <OnAMap />}
      {water.fault && (
        <p role="alert" className="text-snag">
          {water.fault}
        </p>
      )}
    </section>
  );
}

/** The pipes as a file for maps, once it is known where on earth the plot is. */
function OnAMap() {
  const { plan, season } = useDesk();
  if (plan.site.longitude === undefined) return <p className="text-sm text-soft">{words.noMap}</p>;
  return (
    <a
      className="text-button text-sm"
      href={`/api/gardens/${plan.id}/water/pipes.geojson?season=${String(season)}`}
      download
    >
      {words.onAMap}
    </a>
  );
}

function RunForm({ run }: { run: WaterRun }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const course = desk.report?.water.runs.find((each) => each.run === run.id);
  const put = (field: string, part: Partial<WaterRun>) => {
    edit(field, { kind: "PutWaterRun", waterRun: { ...run, ...part } });
  };
  return (
    <ThingForm
      thing={run}
      testId="run"
      about={course && formatLength(course.length, desk.units)}
      seasons={{ from: "Laid in season", until: "Taken up in season" }}
      always="there already"
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${run.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveWaterRun", waterRun: run.id });
      }}
    >
      <div className="space-y-2">
        <Choice
          label={words.pipe}
          value={run.pipe}
          options={desk.catalogue.pipes.map(({ kind, label }) => ({ value: kind, label }))}
          onChange={(pipe) => {
            put("pipe", { pipe });
          }}
        />
        <OwnPipe
          onAdd={(pipe) => {
            put("pipe", { pipe });
          }}
        />
        <FedBy
          from={run.from}
          not={run.id}
          onChange={(from) => {
            put("from", { from });
          }}
        />
      </div>
      <CheckField
        label={words.valve}
        checked={run.valve}
        onChange={(valve) => {
          put("valve", { valve, handle: valve ? run.handle : 0 });
        }}
      />
      {run.valve && (
        <LengthField
          label={words.handle}
          value={run.handle > 0 ? run.handle : undefined}
          units={desk.units}
          fault={faults["handle"]}
          onCommit={(handle) => {
            put("handle", { handle });
          }}
          onEmpty={() => {
            put("handle", { handle: 0 });
          }}
        />
      )}
      <CornerFields
        corners={run.places}
        least={2}
        units={desk.units}
        fault={faults["places"]}
        onChange={(places) => {
          put("places", { places });
        }}
      />
    </ThingForm>
  );
}
