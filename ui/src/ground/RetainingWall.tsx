import type { components } from "../api/schema";
import type { Feature } from "../api/types";
import { without } from "../edits/changes";
import { formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { useTold } from "../workspace/useTold";
import { words } from "./words";

type LineFeature = Extract<Feature, { masonry?: unknown }>;
type RetainingTakeoff = components["schemas"]["RetainingTakeoff"];

const THERE = "THERE";

interface Props {
  wall: LineFeature;
  fault: string | undefined;
  onChange: (wall: LineFeature) => void;
}

/** What a retaining wall is built of, what that takes, and who decides about a high one. */
export function RetainingWall({ wall, fault, onChange }: Props) {
  const { units, catalogue, plan } = useDesk();
  const walls = useTold<RetainingTakeoff>("retaining-walls", plan.features);
  const told = walls.find((each) => each.wall === wall.id);
  const caution = catalogue.features.find(({ kind }) => kind === wall.kind)?.caution;
  const kinds = catalogue.masonries.filter(({ retains }) => retains);
  return (
    <div className="space-y-1 text-sm">
      <Choice
        label={words.builtOf}
        value={wall.masonry ?? THERE}
        options={[
          { value: THERE, label: words.standsThere },
          ...kinds.map(({ key: value, label }) => ({ value, label })),
        ]}
        onChange={(chosen) => {
          onChange(chosen === THERE ? without(wall, "masonry") : { ...wall, masonry: chosen });
        }}
      />
      {fault && <p className="text-snag">{fault}</p>}
      {told && (
        <p data-testid="retaining-wall">
          {words.courses(told.courses, formatLength(told.length, units))}{" "}
          {told.masonry === "STONE"
            ? words.stone(told.pieces.toFixed(1))
            : words.blocks(Math.ceil(told.pieces), Math.ceil(told.bags))}{" "}
          {words.footing(formatVolume(told.footing, units))} {told.weeps > 0 && words.weeps(told.weeps)}
        </p>
      )}
      {wall.masonry && !told && <p>{words.notTold}</p>}
      {caution && <p className="text-soft">{caution}</p>}
    </div>
  );
}
