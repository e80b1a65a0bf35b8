import type { Feature } from "../api/types";
import type { LengthOf } from "../sheet/layer";
import type { TermName } from "../terms/terms";

type Field = "breadth" | "margin" | "depth" | "height";

interface FeatureLength extends LengthOf<Feature> {
  field: Field;
  explain?: TermName;
}

const MARGINS: Partial<Record<Feature["kind"], string>> = {
  TREE: "Crown, radius",
  KEEP_OFF: "Setback",
  BURIED_LINE: "Keep away",
};
const BREADTHS: Partial<Record<Feature["kind"], string>> = {
  DRAIN: "Breadth",
  TREE: "Trunk",
  DOOR: "Width",
  WINDOW: "Width",
};
const DEPTHS: Partial<Record<Feature["kind"], string>> = {
  DRAIN: "Depth of its stone",
  BURIED_LINE: "Depth",
};

/** The lengths that are asked of something on the plot, each as it is called there. */
export function featureLengths(feature: Feature, extent: "AREA" | "LINE" | "SPOT"): FeatureLength[] {
  const { kind } = feature;
  const length = (field: Field, label: string | undefined): FeatureLength[] => {
    const metres = (feature as Partial<Record<Field, number>>)[field];
    if (label === undefined || metres === undefined) return [];
    const explain = kind === "TREE" && field === "margin" ? { explain: "crown" as const } : {};
    return [{ field, label, metres, with: (value) => ({ ...feature, [field]: value }), ...explain }];
  };
  const depth = length("depth", DEPTHS[kind]);
  return [
    // A wall that is to be built is as thick as what it is built of.
    ...("masonry" in feature
      ? []
      : length("breadth", BREADTHS[kind] ?? (extent === "LINE" ? "Thickness" : undefined))),
    ...length("margin", MARGINS[kind]),
    ...(depth.length > 0 ? depth : length("height", "Height")),
  ];
}
