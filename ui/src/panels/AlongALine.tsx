import { useState } from "react";
import { Problem } from "../api/client";
import { useFall } from "../api/queries";
import type { Point } from "../api/types";
import { formatLength } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { boundsOf } from "../sheet/geometry";
import { gradeWords } from "../words";
import { useDesk } from "../workspace/desk";

/** How the ground falls along a line between two places. */
export function AlongALine() {
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
