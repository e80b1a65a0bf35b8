import { useLevels } from "../api/queries";
import type { Lie, SpotHeight } from "../api/types";
import { formatLength } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { boundsOf } from "../sheet/geometry";
import { gradeWords, words } from "./words";
import { useDesk } from "../workspace/desk";
import { AlongALine } from "./AlongALine";
import { MakeLevel } from "./MakeLevel";
import { useFieldEdit } from "../forms/useFieldEdit";

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
              aria-label={`Delete height ${String(index + 1)}`}
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
            {lie.onALine && <p className="text-soft">{words.heightsOnALine}</p>}
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
