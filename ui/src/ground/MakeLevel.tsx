import { Fragment, useEffect, useState } from "react";
import { Problem, request } from "../api/client";
import type { Feature, Terraces } from "../api/types";
import { formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { TextField } from "../parts/TextField";
import { boundsOf } from "../sheet/geometry";
import { newFeature } from "../sheet/useDrawn";
import { words as everywhere } from "../words";
import { words } from "./words";
import { useDesk } from "../workspace/desk";

/** Cut and fill for the whole plot or the selected bed's ground, in one level or several. */
export function MakeLevel() {
  const desk = useDesk();
  const { setSketch } = desk;
  const [levelled, setLevelled] = useState<Terraces>();
  const [count, setCount] = useState(1);
  const [fault, setFault] = useState<string>();
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const bed = only === undefined ? undefined : desk.bedById.get(only);

  useEffect(() => {
    setSketch(
      (levelled?.terraces ?? []).map(({ corners, earthwork }) => ({
        points: corners,
        closed: true,
        label: formatLength(earthwork.level, desk.units),
      })),
    );
    return () => {
      setSketch([]);
    };
  }, [levelled, desk.units, setSketch]);

  async function work() {
    const plot = boundsOf(desk.plan.site.corners);
    const area = bed?.outline ?? {
      centre: { x: (plot.left + plot.right) / 2, y: (plot.bottom + plot.top) / 2 },
      length: plot.right - plot.left,
      width: plot.top - plot.bottom,
      turn: 0,
    };
    try {
      const path = `/api/gardens/${desk.plan.id}/earthwork?season=${String(desk.season)}`;
      setLevelled(await request<Terraces>("POST", path, { area, terraces: count }));
      setFault(undefined);
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : everywhere.awayIdle);
    }
  }

  function drawWalls({ steps }: Terraces) {
    const preset = desk.catalogue.features.find(({ kind }) => kind === "RETAINING_WALL");
    if (!preset) return;
    const walls: Feature[] = [];
    for (const { height, line } of steps) {
      const wall = newFeature(preset, line, [...desk.plan.features, ...walls]);
      walls.push({ ...wall, height });
    }
    const changes = walls.map((feature) => ({ kind: "PutFeature" as const, feature }));
    desk.submit({ kind: "Batch", label: "Draw walls between terraces", changes });
  }

  const volume = (litres: number) => formatVolume(litres, desk.units);
  const [first] = levelled?.terraces ?? [];
  return (
    <div className="space-y-1 border-t border-hair pt-2">
      <div className="flex items-end gap-2">
        <TextField
          label="Terraces"
          value={String(count)}
          figures
          onCommit={(text) => {
            setCount(/^\d{1,3}$/.test(text.trim()) ? Number(text) : 0);
          }}
        />
        <button type="button" className="plain-button whitespace-nowrap" onClick={() => void work()}>
          Make {bed ? bed.name : "the plot"} level
        </button>
      </div>
      {fault && (
        <p role="alert" className="text-sm text-snag">
          {fault}
        </p>
      )}
      {levelled && first && (
        <>
          <dl className="grid grid-cols-[1fr_auto] gap-x-2" data-testid="earthwork">
            <dt>Dig off, as it lies</dt>
            <dd className="figures text-right">{volume(levelled.cut)}</dd>
            <dt>Fill up, packed</dt>
            <dd className="figures text-right">{volume(levelled.fill)}</dd>
            <dt>Dug soil swells by</dt>
            <dd className="figures text-right">{(first.earthwork.swell * 100).toFixed(0)} %</dd>
            <dt>Into this season&apos;s beds, in bulk</dt>
            <dd className="figures text-right">{volume(levelled.intoBeds)}</dd>
            <dt>Has to leave, in bulk</dt>
            <dd className="figures text-right">{volume(levelled.away)}</dd>
            <dt>Has to be brought, in bulk</dt>
            <dd className="figures text-right">{volume(levelled.missing)}</dd>
            {levelled.steps.map((step, index) => (
              <Fragment key={index}>
                <dt>
                  Step between terrace {index + 1} and {index + 2}
                </dt>
                <dd className="figures text-right">{formatLength(step.height, desk.units)}</dd>
              </Fragment>
            ))}
          </dl>
          {levelled.away > 0 && (
            <p data-testid="loads">
              {levelled.loads.barrows} barrows, then {levelled.loads.trailers} small trailer loads within
              their payload, or {levelled.loads.skips}{" "}
              {levelled.loads.skips === 1 ? "builder's skip" : "builder's skips"}.
            </p>
          )}
        </>
      )}
      {levelled && levelled.steps.length > 0 && (
        <>
          <p className="text-sm">{words.drainBehind}</p>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              drawWalls(levelled);
            }}
          >
            {levelled.steps.length === 1 ? "Draw a wall there" : "Draw walls there"}
          </button>
        </>
      )}
      {levelled?.licensed && <p className="text-snag">{words.retaining}</p>}
    </div>
  );
}
