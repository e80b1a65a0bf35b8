import type { Point, Units } from "../api/types";
import { LengthField } from "../parts/LengthField";
import { tidy } from "../sheet/geometry";

interface Props {
  corners: readonly Point[];
  units: Units;
  fault?: string | undefined;
  /** With fewer none can be taken out. */
  least?: number;
  /** No corner can be added or taken out. */
  fixed?: boolean;
  onChange: (corners: Point[]) => void;
}

/** A polygon by typed corners, in the order in which one walks round it. */
export function CornerFields({ corners, units, fault, onChange, least = 3, fixed = false }: Props) {
  function put(index: number, part: Partial<Point>) {
    onChange(corners.map((corner, i) => (i === index ? { ...corner, ...part } : corner)));
  }

  /** A new corner halfway along the side that follows. */
  function insert(index: number) {
    const from = corners[index];
    const to = corners[(index + 1) % corners.length];
    if (!from || !to) return;
    const between = { x: tidy((from.x + to.x) / 2), y: tidy((from.y + to.y) / 2) };
    onChange([...corners.slice(0, index + 1), between, ...corners.slice(index + 1)]);
  }

  return (
    <div>
      <ol className="space-y-1">
        {corners.map((corner, index) => (
          <li
            key={index}
            className="grid grid-cols-[1.1rem_1fr_1fr_auto_auto] items-center gap-1 [&_input]:px-1 [&_input]:text-sm"
          >
            <span className="figures text-sm text-soft">{index + 1}</span>
            <LengthField
              label={`Corner ${String(index + 1)}, to the right`}
              hideLabel
              value={corner.x}
              units={units}
              onCommit={(x) => {
                put(index, { x });
              }}
            />
            <LengthField
              label={`Corner ${String(index + 1)}, up`}
              hideLabel
              value={corner.y}
              units={units}
              onCommit={(y) => {
                put(index, { y });
              }}
            />
            <button
              type="button"
              className="plain-button px-1.5"
              aria-label={`Add a corner after corner ${String(index + 1)}`}
              title="Add a corner after this one"
              disabled={fixed}
              onClick={() => {
                insert(index);
              }}
            >
              +
            </button>
            <button
              type="button"
              className="plain-button px-1.5"
              aria-label={`Delete corner ${String(index + 1)}`}
              title="Delete this corner"
              disabled={fixed || corners.length <= least}
              onClick={() => {
                onChange(corners.filter((_, i) => i !== index));
              }}
            >
              −
            </button>
          </li>
        ))}
      </ol>
      {fault && (
        <p role="alert" className="mt-1 text-sm text-snag">
          {fault}
        </p>
      )}
    </div>
  );
}
