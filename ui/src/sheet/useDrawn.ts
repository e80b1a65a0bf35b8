import type { Catalogue, Change, Feature, Point, Rectangle, Walk } from "../api/types";
import { freeName } from "../edits/changes";
import { useDesk } from "../workspace/desk";
import { corners } from "./geometry";
import { startingForm } from "./outline";
import { gateAt } from "../ground/gateLine";
import { useNewBed } from "../bed/useNewBed";

/** What the pointer has drawn: from where to where, and the upright rectangle between if it has an area. */
export interface Drawn {
  start: Point;
  end: Point;
  area: Rectangle | null;
}

/** Width of a gate to begin with: 42 in lets a barrow through with ease, metres. */
const USUAL_GATE = 1.0668;

/** Turns what is drawn with the tool in hand into a change; null while it is too small to be anything. */
export function useDrawn() {
  const desk = useDesk();
  const newBed = useNewBed();
  const { tool, plan } = desk;

  function feature(kind: Feature["kind"], drawn: Drawn): Change | null {
    const preset = desk.catalogue.features.find((f) => f.kind === kind);
    if (!preset) return null;
    const places = {
      AREA: drawn.area ? corners(drawn.area) : [],
      LINE: drawn.area || distance(drawn) > 0 ? [drawn.start, drawn.end] : [],
      SPOT: [drawn.end],
    }[preset.extent];
    if (places.length === 0) return null;
    return { kind: "PutFeature", feature: newFeature(preset, places, plan.features) };
  }

  return (drawn: Drawn): Change | null => {
    switch (tool?.kind) {
      case "bed":
        return drawn.area
          ? newBed(drawn.area, startingForm(tool.form, drawn.area.length, drawn.area.width))
          : null;
      case "feature":
        return feature(tool.feature, drawn);
      case "wayIn":
        return {
          kind: "PutWayIn",
          wayIn: {
            id: crypto.randomUUID(),
            name: freeName(
              "Gate",
              plan.waysIn.map((way) => way.name),
            ),
            ...gateAt(plan, desk.season, drawn.end, desk.snapStep),
            width: USUAL_GATE,
            swing: "INWARD",
            lifetime: {},
            sill: 0,
          },
        };
      case "walk":
        return drawn.area
          ? {
              kind: "PutWalk",
              walk: newWalk(tool.grade, corners(drawn.area), plan.walks, desk.catalogue.surfaces),
            }
          : null;
      default:
        return null;
    }
  };
}

function distance({ start, end }: Drawn): number {
  return Math.hypot(end.x - start.x, end.y - start.y);
}

export function newFeature(
  preset: Catalogue["features"][number],
  places: Point[],
  others: readonly Feature[],
): Feature {
  const { kind, extent, breadth, margin } = preset;
  const stem = preset.label.replace(/ \(.*| or .*/, "");
  const name = freeName(
    stem,
    others.map((other) => other.name),
  );
  const common = { id: crypto.randomUUID(), name, kind, places, margin, height: 0, lifetime: {} };
  const own = {
    AREA: {},
    LINE: { breadth, depth: 0, bareInWinter: false },
    SPOT: { breadth, bareInWinter: false, lookout: false },
  };
  return { ...common, ...own[extent] } as Feature;
}

/** Of wood chip, laid as usual. */
export function newWalk(
  grade: Walk["grade"],
  area: Point[],
  others: readonly Walk[],
  surfaces: Catalogue["surfaces"],
): Walk {
  const name = freeName(
    grade === "MAIN" ? "Main walk" : "Work walk",
    others.map((other) => other.name),
  );
  const surface = "WOOD_CHIP";
  const layers = surfaces.find((each) => each.key === surface)?.usual ?? [];
  const build = { layers, dugIn: false, edged: false };
  return { id: crypto.randomUUID(), name, grade, surface, corners: area, build, lifetime: {} };
}
