import { ToolButton } from "../forms/ToolButton";
import { Problem } from "../api/client";
import { useFall } from "../api/queries";
import type { Point } from "../api/types";
import { LengthField } from "../parts/LengthField";
import { boundsOf } from "../sheet/geometry";
import { words } from "../words";
import { fallWords } from "./words";
import { useDesk } from "../workspace/desk";

/** How the ground falls along a line between two places, drawn on the sheet or typed. */
export function AlongALine() {
  const desk = useDesk();
  const plot = boundsOf(desk.plan.site.corners);
  const line = desk.slopeLine ?? {
    from: { x: plot.left, y: plot.bottom },
    to: { x: plot.right, y: plot.top },
  };
  const { data, error } = useFall(desk.plan.id, desk.garden.revision, line.from, line.to, true);
  const put = (end: "from" | "to", part: Partial<Point>) => {
    desk.setSlopeLine({ ...line, [end]: { ...line[end], ...part } });
  };
  return (
    <div className="space-y-1 border-t border-hair pt-2">
      <div className="flex items-center justify-between gap-2">
        <p>Along a line</p>
        <ToolButton tool={{ kind: "slope" }} take="Draw the line" inHand={words.drawing.LINE} />
      </div>
      {(["from", "to"] as const).map((end) => (
        <div key={end} className="grid grid-cols-[2.5rem_1fr_1fr] items-center gap-1">
          <span className="text-soft">{end}</span>
          <LengthField
            label={`Line ${end}, to the right`}
            hideLabel
            value={line[end].x}
            units={desk.units}
            onCommit={(x) => {
              put(end, { x });
            }}
          />
          <LengthField
            label={`Line ${end}, up the plot`}
            hideLabel
            value={line[end].y}
            units={desk.units}
            onCommit={(y) => {
              put(end, { y });
            }}
          />
        </div>
      ))}
      {error instanceof Problem && (
        <p role="alert" className="text-snag">
          {error.message}
        </p>
      )}
      {data && <p data-testid="fall">{fallWords(data, desk.units)}</p>}
    </div>
  );
}
