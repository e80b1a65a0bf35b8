import { useState } from "react";
import { Problem, request } from "../api/client";
import { useLevels } from "../api/queries";
import type { Levelled, SpotHeight } from "../api/types";
import { formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { boundsOf } from "../sheet/geometry";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "./useFieldEdit";

const MEANINGS = {
  LEVEL: "level enough",
  DIG_IN: "dig the upper side in",
  PART_COURSE: "make up the lower side with part of a course",
  STEP: "step it, or terrace first",
} as const;

/** Heights of the ground, and what they mean for beds and for making it level. */
export function LevelsSection() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const levels = desk.plan.site.levels;
  const { data: lie } = useLevels(desk.plan.id, desk.garden.revision, desk.season);
  const plot = boundsOf(desk.plan.site.corners);

  function put(next: SpotHeight[]) {
    edit("levels", { kind: "SetLevels", levels: next });
  }

  function change(index: number, part: Partial<SpotHeight>) {
    put(levels.map((level, i) => (i === index ? { ...level, ...part } : level)));
  }

  return (
    <details className="border-t border-rule pt-2">
      <summary className="cursor-pointer font-semibold">Levels</summary>
      <div className="space-y-2 py-2">
        {levels.length === 0 && <p className="text-soft">{words.noLevels}</p>}
        {levels.length > 0 && (
          <div className="grid grid-cols-[1fr_1fr_1fr_auto] gap-1 text-sm text-soft">
            <span>To the right</span>
            <span>Up the plot</span>
            <span>Height</span>
          </div>
        )}
        {levels.map((level, index) => (
          <div key={index} className="grid grid-cols-[1fr_1fr_1fr_auto] items-center gap-1">
            <LengthField
              label={`Height ${String(index + 1)}, to the right`}
              hideLabel
              value={level.place.x}
              units={desk.units}
              onCommit={(x) => {
                change(index, { place: { ...level.place, x } });
              }}
            />
            <LengthField
              label={`Height ${String(index + 1)}, up the plot`}
              hideLabel
              value={level.place.y}
              units={desk.units}
              onCommit={(y) => {
                change(index, { place: { ...level.place, y } });
              }}
            />
            <LengthField
              label={`Height ${String(index + 1)}`}
              hideLabel
              value={level.height}
              units={desk.units}
              onCommit={(height) => {
                change(index, { height });
              }}
            />
            <button
              type="button"
              className="plain-button px-2"
              aria-label={`Take out height ${String(index + 1)}`}
              onClick={() => {
                put(levels.filter((_, i) => i !== index));
              }}
            >
              −
            </button>
          </div>
        ))}
        {faults["levels"] && (
          <p role="alert" className="text-sm text-snag">
            {faults["levels"]}
          </p>
        )}
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            put([...levels, { place: nextCorner(levels.length, plot), height: 0 }]);
          }}
        >
          Add a height
        </button>
        {lie && (
          <div className="space-y-1 text-sm">
            <p>
              The ground {slopeWords(lie.slope)}
              {lie.slope >= 1 / 48 ? `, falling towards ${compass(lie.fallsTo, desk.plan.site.north)}` : ""}.
            </p>
            <ul>
              {lie.beds
                .filter((bed) => bed.meaning !== "LEVEL")
                .map((bed) => (
                  <li key={bed.bed}>
                    {desk.bedById.get(bed.bed)?.name}:{" "}
                    <span className="figures">
                      {formatLength(bed.along, desk.units)} along, {formatLength(bed.across, desk.units)}{" "}
                      across
                    </span>
                    ; {MEANINGS[bed.meaning]}
                  </li>
                ))}
            </ul>
            <MakeLevel />
          </div>
        )}
      </div>
    </details>
  );
}

/** Corners of the plot's bounds first, then its middle. */
function nextCorner(index: number, plot: ReturnType<typeof boundsOf>) {
  const places = [
    { x: plot.left, y: plot.bottom },
    { x: plot.right, y: plot.bottom },
    { x: plot.right, y: plot.top },
    { x: plot.left, y: plot.top },
  ];
  // After the corners each further one is a little aside of the middle, since no two may be at one place.
  return (
    places[index] ?? {
      x: (plot.left + plot.right) / 2 + (index - places.length) * 0.1,
      y: (plot.bottom + plot.top) / 2,
    }
  );
}

function slopeWords(slope: number): string {
  if (slope < 1 / 48) return "is level for all purposes (under 1 in 48)";
  const ratio = `rises 1 in ${(1 / slope).toFixed(0)}`;
  if (slope <= 1 / 20) return `${ratio}, fit for wheels`;
  return slope <= 1 / 12 ? `${ratio}, too steep for wheels` : `${ratio}: level beds one by one, or terrace`;
}

/** The quarter of the sky into which the ground falls. */
function compass(onDrawing: number, north: number): string {
  const points = ["north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"];
  return points[Math.round((((onDrawing - north + 360) % 360) / 360) * 8) % 8] ?? "north";
}

/** Cut and fill for the whole plot or the selected bed's ground. */
function MakeLevel() {
  const desk = useDesk();
  const [levelled, setLevelled] = useState<Levelled>();
  const [terraces, setTerraces] = useState(1);
  const [fault, setFault] = useState<string>();
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const bed = only === undefined ? undefined : desk.bedById.get(only);

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
      setLevelled(await request<Levelled>("POST", path, { area, terraces }));
      setFault(undefined);
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : words.awayIdle);
    }
  }

  const volume = (litres: number) => formatVolume(litres, desk.units);
  return (
    <div className="space-y-1 border-t border-hair pt-2">
      <div className="flex items-end gap-2">
        <TextField
          label="Terraces"
          value={String(terraces)}
          figures
          onCommit={(text) => {
            setTerraces(/^\d{1,3}$/.test(text.trim()) ? Number(text) : 0);
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
      {levelled && (
        <dl className="grid grid-cols-[1fr_auto] gap-x-2" data-testid="earthwork">
          <dt>Dig off, as it lies</dt>
          <dd className="figures text-right">{volume(levelled.earthwork.cut)}</dd>
          <dt>Fill up, packed</dt>
          <dd className="figures text-right">{volume(levelled.earthwork.fill)}</dd>
          <dt>Carry, loose (+{(levelled.earthwork.swell * 100).toFixed(0)} %)</dt>
          <dd className="figures text-right">{volume(levelled.earthwork.loose)}</dd>
          <dt>Into this season&apos;s beds</dt>
          <dd className="figures text-right">{volume(levelled.earthwork.intoBeds)}</dd>
          <dt>Has to leave</dt>
          <dd className="figures text-right">{volume(levelled.earthwork.away)}</dd>
          <dt>Has to be brought</dt>
          <dd className="figures text-right">{volume(levelled.earthwork.missing)}</dd>
          <dt>Each step ({terraces} of them)</dt>
          <dd className="figures text-right">{formatLength(levelled.step, desk.units)}</dd>
        </dl>
      )}
      {levelled?.licensed && <p className="text-snag">{words.retaining}</p>}
    </div>
  );
}
