import { Fragment, useEffect, useState } from "react";
import { Problem, request } from "../api/client";
import { useFall, useLevels } from "../api/queries";
import type { Lie, Point, SpotHeight, Terraces } from "../api/types";
import { formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { boundsOf } from "../sheet/geometry";
import { gradeWords, words } from "../words";
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
              The ground {slopeWords(lie.slope, lie.grade)}
              {lie.grade !== "LEVEL" ? `, falling towards ${compass(lie.fallsTo, desk.plan.site.north)}` : ""}
              .
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
            <AlongALine />
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

function slopeWords(slope: number, grade: Lie["grade"]): string {
  if (grade === "LEVEL") return "is level for all purposes (under 1 in 48)";
  return `${ratio(slope)}, ${gradeWords(grade)}`;
}

function ratio(slope: number): string {
  return slope < 0.001 ? "is level" : `rises 1 in ${(1 / slope).toFixed(0)}`;
}

/** The quarter of the sky into which the ground falls. */
function compass(onDrawing: number, north: number): string {
  const points = ["north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"];
  return points[Math.round((((onDrawing - north + 360) % 360) / 360) * 8) % 8] ?? "north";
}

/** How the ground falls along a line between two places. */
function AlongALine() {
  const desk = useDesk();
  const plot = boundsOf(desk.plan.site.corners);
  const [from, setFrom] = useState<Point>({ x: plot.left, y: plot.bottom });
  const [to, setTo] = useState<Point>({ x: plot.right, y: plot.top });
  const { data, error } = useFall(desk.plan.id, desk.garden.revision, from, to, true);
  const places = [
    ["from", from, setFrom],
    ["to", to, setTo],
  ] as const;
  return (
    <div className="space-y-1 border-t border-hair pt-2">
      <p>Along a line</p>
      {places.map(([end, place, set]) => (
        <div key={end} className="grid grid-cols-[2.5rem_1fr_1fr] items-center gap-1">
          <span className="text-soft">{end}</span>
          <LengthField
            label={`Line ${end}, to the right`}
            hideLabel
            value={place.x}
            units={desk.units}
            onCommit={(x) => {
              set({ ...place, x });
            }}
          />
          <LengthField
            label={`Line ${end}, up the plot`}
            hideLabel
            value={place.y}
            units={desk.units}
            onCommit={(y) => {
              set({ ...place, y });
            }}
          />
        </div>
      ))}
      {error instanceof Problem && (
        <p role="alert" className="text-snag">
          {error.message}
        </p>
      )}
      {data && (
        <p data-testid="fall">
          {data.fall >= 0 ? "Falls" : "Rises"}{" "}
          <span className="figures">{formatLength(Math.abs(data.fall), desk.units)}</span>
          {data.grade === "LEVEL"
            ? ": level for all purposes."
            : `, 1 in ${(1 / data.slope).toFixed(0)}: ${gradeWords(data.grade)}.`}
        </p>
      )}
    </div>
  );
}

/** Cut and fill for the whole plot or the selected bed's ground, in one level or several. */
function MakeLevel() {
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
      setFault(failure instanceof Problem ? failure.message : words.awayIdle);
    }
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
            <dt>Into this season&apos;s beds, loose</dt>
            <dd className="figures text-right">{volume(levelled.intoBeds)}</dd>
            <dt>Has to leave, loose</dt>
            <dd className="figures text-right">{volume(levelled.away)}</dd>
            <dt>Has to be brought, loose</dt>
            <dd className="figures text-right">{volume(levelled.missing)}</dd>
            {levelled.steps.map((step, index) => (
              <Fragment key={index}>
                <dt>
                  Step between terrace {index + 1} and {index + 2}
                </dt>
                <dd className="figures text-right">{formatLength(step, desk.units)}</dd>
              </Fragment>
            ))}
          </dl>
          {levelled.away > 0 && (
            <p data-testid="loads">
              {levelled.loads.barrows} barrows, then {levelled.loads.trailers} small trailer loads of 500 kg,
              or {levelled.loads.skips} {levelled.loads.skips === 1 ? "skip" : "skips"} of 4 m³. Keep to the
              trailer&apos;s payload.
            </p>
          )}
        </>
      )}
      {levelled?.licensed && <p className="text-snag">{words.retaining}</p>}
    </div>
  );
}
