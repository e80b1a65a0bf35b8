import type { Point, Units } from "../api/types";
import { LengthField } from "../parts/LengthField";

/** A figure on the drawing that is being typed anew. */
export interface Typing {
  label: string;
  /** Metres. */
  value: number;
  /** Where on the sheet, pixels. */
  at: Point;
  onCommit: (metres: number) => void;
}

interface Props {
  typing: Typing;
  units: Units;
  onDone: () => void;
}

/** The field in which it is typed, where it stands. */
export function TypeHere({ typing, units, onDone }: Props) {
  return (
    <div
      className="absolute z-10 w-44 -translate-x-1/2 -translate-y-1/2 border-2 border-mark bg-white p-2"
      style={{ left: typing.at.x, top: typing.at.y }}
      onPointerDown={(event) => {
        event.stopPropagation();
      }}
    >
      <LengthField
        label={typing.label}
        value={typing.value}
        units={units}
        autoFocus
        onCommit={(metres) => {
          typing.onCommit(metres);
          onDone();
        }}
        onCancel={onDone}
      />
    </div>
  );
}
