import { Tabs } from "radix-ui";
import type { Point, Units } from "../api/types";
import { CornerFields } from "../forms/CornerFields";
import { BaseLineFields, SidesFields } from "../ground/MeasureBoundary";
import { LengthField } from "../parts/LengthField";
import { boundsOf } from "../sheet/geometry";

interface Props {
  units: Units;
  corners: Point[];
  onChange: (corners: Point[]) => void;
  fault?: string | undefined;
}

const trigger =
  "cursor-pointer border border-ink px-3 py-1 -ml-px data-[state=active]:bg-ink data-[state=active]:text-white";

/** The plot as a rectangle, by four sides and a diagonal, from a base line, or by corners; with a picture of what comes out. */
export function PlotFields({ units, corners, onChange, fault }: Props) {
  const bounds = boundsOf(corners);
  function rectangle(length: number, width: number) {
    onChange([
      { x: 0, y: 0 },
      { x: length, y: 0 },
      { x: length, y: width },
      { x: 0, y: width },
    ]);
  }

  return (
    <div className="mt-4 grid gap-4 border-t border-rule pt-3 sm:grid-cols-[1fr_12rem]">
      <Tabs.Root defaultValue="rectangle">
        <Tabs.List aria-label="How the plot is given" className="flex flex-wrap pl-px">
          <Tabs.Trigger value="rectangle" className={trigger}>
            Rectangle
          </Tabs.Trigger>
          <Tabs.Trigger value="sides" className={trigger}>
            Sides and a diagonal
          </Tabs.Trigger>
          <Tabs.Trigger value="line" className={trigger}>
            From a base line
          </Tabs.Trigger>
          <Tabs.Trigger value="corners" className={trigger}>
            Corners
          </Tabs.Trigger>
        </Tabs.List>
        <Tabs.Content value="rectangle" className="mt-3 grid grid-cols-2 gap-2">
          <LengthField
            label="Length of the plot"
            value={bounds.right - bounds.left}
            units={units}
            onCommit={(length) => {
              rectangle(length, bounds.top - bounds.bottom);
            }}
          />
          <LengthField
            label="Width of the plot"
            value={bounds.top - bounds.bottom}
            units={units}
            onCommit={(width) => {
              rectangle(bounds.right - bounds.left, width);
            }}
          />
        </Tabs.Content>
        <Tabs.Content value="sides" className="mt-3">
          <SidesFields units={units} corners={corners} onChange={onChange} />
        </Tabs.Content>
        <Tabs.Content value="line" className="mt-3">
          <BaseLineFields units={units} corners={corners} onChange={onChange} />
        </Tabs.Content>
        <Tabs.Content value="corners" className="mt-3">
          <p className="mb-1 text-sm text-soft">
            In the order in which you walk round: to the right, and up, from a corner of your own.
          </p>
          <CornerFields corners={corners} units={units} onChange={onChange} />
        </Tabs.Content>
        {fault && (
          <p role="alert" className="mt-2 text-sm text-snag">
            {fault}
          </p>
        )}
      </Tabs.Root>
      <PlotPicture corners={corners} />
    </div>
  );
}

function PlotPicture({ corners }: { corners: readonly Point[] }) {
  const { left, right, bottom, top } = boundsOf(corners);
  const wide = Math.max(right - left, 0.1);
  const high = Math.max(top - bottom, 0.1);
  const pen = Math.max(wide, high) / 80;
  const points = corners.map((corner) => `${String(corner.x - left)},${String(top - corner.y)}`).join(" ");
  return (
    <svg
      viewBox={`${String(-pen * 3)} ${String(-pen * 3)} ${String(wide + pen * 6)} ${String(high + pen * 6)}`}
      // As high whatever the plot is: what stands below must not move while it is being clicked.
      className="h-44 w-full"
      preserveAspectRatio="xMidYMin"
      role="img"
      aria-label="The plot as it will be"
    >
      <polygon points={points} fill="white" stroke="var(--color-ink)" strokeWidth={pen} />
    </svg>
  );
}
