import { memo } from "react";
import type { Feature, Point } from "../api/types";
import type { DrawProps } from "../sheet/layer";
import type { Geometry } from "../sheet/things";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { closedPath, openPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";

const AREA_FILL: Partial<Record<Feature["kind"], string>> = {
  HOUSE: "url(#built)",
  SHED: "url(#built)",
  COMPOST: "url(#soil)",
  BENCH: "url(#slab)",
  SLAB: "url(#slab)",
  STEPS: "url(#steps)",
  KEEP_OFF: "url(#keep-off)",
};
const LINE_INK: Partial<Record<Feature["kind"], string>> = {
  FENCE: "var(--color-fence)",
  RETAINING_WALL: "var(--color-masonry)",
  DRAIN: "var(--color-mark)",
};
/** Thinner lines could not be seen, pixels. */
const THINNEST = 2;

/** What stands or lies on the plot in the season besides beds: its own ground drawn full, its margin as a broken line. */
export function FeaturesOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, report } = useDesk();
  const parts = new Map((report?.fences ?? []).map((fence) => [fence.feature, fence.parts]));
  const drawn = plan.features
    .filter(({ lifetime }) => isThere(lifetime, season))
    .map((feature) => underHand(feature, moved.get(feature.id)));
  // A door or a tap in the wall of a house is not hidden by the house.
  const spotsLast = drawn.sort((a, b) => Number(isSpot(a)) - Number(isSpot(b)));
  return (
    <g pointerEvents="none">
      {spotsLast.map((feature) => (
        <FeatureShape
          key={feature.id}
          feature={feature}
          parts={moved.has(feature.id) ? undefined : parts.get(feature.id)}
          view={view}
          marked={selected.has(feature.id)}
        />
      ))}
    </g>
  );
}

function underHand(feature: Feature, hand: Geometry | undefined): Feature {
  if (hand?.kind === "PLACES") return { ...feature, places: [...hand.places] };
  return hand?.kind === "SPOT" ? { ...feature, places: [hand.place] } : feature;
}

interface ShapeProps {
  feature: Feature;
  /** What stands of a fence, wall or hedge with the openings that ways in make; without it stands as it was drawn. */
  parts?: readonly (readonly Point[])[] | undefined;
  view: View;
  marked: boolean;
}

/** One of them. */
export const FeatureShape = memo(function FeatureShape({ feature, parts, view, marked }: ShapeProps) {
  return (
    <g data-feature={feature.name}>
      <Margin feature={feature} view={view} />
      <Body feature={feature} parts={parts ?? [feature.places]} view={view} marked={marked} />
    </g>
  );
});

function isSpot(feature: Feature): boolean {
  return feature.places.length === 1;
}

/** Thickness of a line, or of a trunk; none of an area. */
function breadthOf(feature: Feature): number {
  return "breadth" in feature ? feature.breadth : 0;
}

interface BodyProps {
  feature: Feature;
  parts: readonly (readonly Point[])[];
  view: View;
  marked: boolean;
}

function Body({ feature, parts, view, marked }: BodyProps) {
  const stroke = marked ? "var(--color-mark)" : "var(--color-ink)";
  const thick = Math.max(THINNEST, breadthOf(feature) * view.scale);
  const [first] = feature.places;
  if (!first) return null;
  if (isSpot(feature)) return <Spot feature={feature} at={first} view={view} stroke={stroke} />;
  if (feature.kind in AREA_FILL) {
    return (
      <path
        d={closedPath(feature.places, view)}
        fill={AREA_FILL[feature.kind]}
        stroke={stroke}
        strokeWidth={marked ? 3 : 1.4}
      />
    );
  }
  const dashes = { FENCE: "10 3", TRELLIS: "3 3", BURIED_LINE: "12 4 2 4", DRAIN: "2 4" }[
    feature.kind as string
  ];
  return (
    <path
      d={parts.map((part) => openPath(part, view)).join("")}
      fill="none"
      stroke={marked ? stroke : (LINE_INK[feature.kind] ?? stroke)}
      strokeWidth={feature.kind === "BURIED_LINE" ? THINNEST : thick}
      strokeDasharray={dashes}
      strokeOpacity={feature.kind === "HEDGE" || feature.kind === "DRAIN" ? 0.45 : 0.9}
    />
  );
}

/** Trees to scale; taps, downspouts, doors and windows as a mark with a letter. */
function Spot({ feature, at, view, stroke }: { feature: Feature; at: Point; view: View; stroke: string }) {
  const place = toSheet(view, at);
  if (feature.kind === "TREE") {
    return (
      <circle
        cx={place.x}
        cy={place.y}
        r={Math.max(3, (breadthOf(feature) / 2) * view.scale)}
        fill="var(--color-timber)"
        stroke={stroke}
        strokeWidth="1.4"
      />
    );
  }
  const letter =
    { TAP: "T", VALVE: "V", HOOK: "H", DOWNSPOUT: "S", DOOR: "D", WINDOW: "W" }[feature.kind as string] ?? "";
  const lookout = "lookout" in feature && feature.lookout;
  const water = ["TAP", "VALVE", "DOWNSPOUT"].includes(feature.kind);
  return (
    <g>
      <circle
        cx={place.x}
        cy={place.y}
        r="9"
        fill={water ? "#dcebf8" : "white"}
        stroke={lookout ? "var(--color-mark)" : stroke}
        strokeWidth={lookout ? 3 : 1.4}
      />
      <text
        x={place.x}
        y={place.y + 4}
        textAnchor="middle"
        fontSize="11"
        fontWeight="700"
        fill="var(--color-ink)"
      >
        {letter}
      </text>
    </g>
  );
}

function Margin({ feature, view }: { feature: Feature; view: View }) {
  if (feature.margin === 0) return null;
  const [first] = feature.places;
  if (first && isSpot(feature)) {
    const place = toSheet(view, first);
    return (
      <circle
        cx={place.x}
        cy={place.y}
        r={feature.margin * view.scale}
        fill="url(#crown)"
        stroke="var(--color-soft)"
        strokeDasharray="5 4"
      />
    );
  }
  const area = feature.kind in AREA_FILL;
  return (
    <path
      d={area ? closedPath(feature.places, view) : openPath(feature.places, view)}
      fill={area ? "var(--color-ochrepale)" : "none"}
      fillOpacity="0.5"
      stroke="var(--color-ochrepale)"
      strokeOpacity="0.7"
      strokeWidth={2 * feature.margin * view.scale}
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  );
}
