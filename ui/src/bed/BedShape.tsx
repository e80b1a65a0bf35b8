import { memo } from "react";
import type { BedAppraisal, Gardener, Rectangle } from "../api/types";
import { fitted } from "../sheet/outline";
import { closedPath } from "../sheet/path";
import { hatchId } from "../sheet/Patterns";
import type { View } from "../sheet/view";
import { Timber } from "./Timber";

interface Props {
  bed: BedAppraisal;
  /** Where it is drawn: under the hand it runs ahead of the judgement. */
  outline: Rectangle;
  view: View;
  gardeners: readonly Gardener[];
  selected: boolean;
}

/** What stands round the soil, seen from above. */
const FILLS = {
  BOARDS: "var(--color-timber)",
  KIT: "var(--color-metal)",
  WALL: "var(--color-masonry)",
  MOUND: "url(#soil)",
  GROUND: "url(#soil)",
} as const;

/** A bed to scale: its boards at their true thickness, the soil inside, and what is out of reach. */
export const BedShape = memo(function BedShape({ bed, outline, view, gardeners, selected }: Props) {
  const framed = bed.holder !== "MOUND" && bed.holder !== "GROUND";
  return (
    <g pointerEvents="none">
      {bed.leansOut > 0 && <Leaning bed={bed} outline={outline} view={view} />}
      <path
        d={closedPath(fitted(bed.corners, bed.outline, outline), view)}
        fill={FILLS[bed.holder]}
        stroke={selected ? "var(--color-mark)" : "var(--color-ink)"}
        strokeWidth={selected ? 3 : 1.2}
        strokeDasharray={framed ? undefined : "7 3"}
      />
      {framed && (
        <path
          d={closedPath(fitted(bed.inside, bed.outline, outline), view)}
          fill="url(#soil)"
          stroke="var(--color-ink)"
          strokeWidth="0.6"
        />
      )}
      {bed.holder === "BOARDS" && <Timber bed={bed} outline={outline} view={view} />}
      <OutOfReach bed={bed} view={view} gardeners={gardeners} />
    </g>
  );
});

/** What a cap or crops take of the walk: a band as wide on either side of the edge, of which the bed covers the inner half. */
function Leaning({ bed, outline, view }: Pick<Props, "bed" | "outline" | "view">) {
  return (
    <path
      data-leans-out={bed.name}
      d={closedPath(fitted(bed.corners, bed.outline, outline), view)}
      fill="none"
      stroke="var(--color-lean)"
      strokeWidth={bed.leansOut * view.scale * 2}
      strokeLinejoin="round"
      pointerEvents="none"
    />
  );
}

function OutOfReach({ bed, view, gardeners }: Pick<Props, "bed" | "view" | "gardeners">) {
  return (
    <g pointerEvents="none">
      {bed.reach.map(({ gardener, unreached }) =>
        unreached.parts.map((part, index) => (
          <path
            key={`${gardener}-${String(index)}`}
            data-unreached-by={gardeners.find((g) => g.id === gardener)?.name}
            d={closedPath(part, view)}
            fill={`url(#${hatchId(gardeners.findIndex((g) => g.id === gardener))})`}
            stroke="var(--color-ink)"
            strokeWidth="0.6"
            strokeDasharray="3 2"
          />
        )),
      )}
      {bed.nobody.parts.map((part, index) => (
        <path
          key={index}
          data-unreached-by="nobody"
          d={closedPath(part, view)}
          fill="url(#hatch-nobody)"
          stroke="var(--color-snag)"
          strokeWidth="1.4"
        />
      ))}
    </g>
  );
}
