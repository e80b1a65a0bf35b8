import type { BedAppraisal, Change } from "../api/types";
import { placed, reoutline, withCorners } from "../edits/changes";
import { nextName, type Ground, type Layer } from "../sheet/layer";
import { fitted } from "../sheet/outline";
import type { Geometry } from "../sheet/things";
import { revisionIn } from "../workspace/revisionIn";
import { Beds } from "./Beds";
import { bedNote } from "./notes";

/** Beds on the sheet: each has a rectangle, a bed of free corners those too. An edit is of the revision that stands. */
export const bedLayer: Layer = {
  step: "beds",
  Draw: Beds,
  things: ({ outlines, bedById }) =>
    [...outlines].flatMap(([id]) => {
      const bed = bedById.get(id);
      const geometry = bed && geometryOf(bed, outlines);
      if (!geometry) return [];
      const square = bed.shape.form.kind === "RECTANGLE" && bed.shape.keyholes.length === 0;
      const shape = square ? {} : { shape: fitted(bed.corners, bed.outline, geometry.outline) };
      return [{ id, name: bed.name, kind: "bed", geometry, ...shape, under: false }];
    }),
  inSeason: ({ plan }, season) =>
    plan.beds.flatMap((bed) => {
      const revision = revisionIn(bed, season);
      if (!revision || (bed.retired ?? Infinity) <= season) return [];
      const { form } = revision.shape;
      const corners = form.kind === "FREE" ? form.places : null;
      return [{ id: bed.id, geometry: { kind: "BOX", outline: revision.outline, corners } }];
    }),
  note: (desk, id) => {
    const bed = desk.bedById.get(id);
    return bed && bedNote(desk, bed, desk.outlines.get(id) ?? bed.outline);
  },
  edit: ({ bedById }, id, geometry, before) => {
    const bed = bedById.get(id);
    if (!bed || geometry.kind !== "BOX" || before.kind !== "BOX") return null;
    if (geometry.corners && geometry.corners !== before.corners) {
      return withCorners(bed, geometry.outline, geometry.corners);
    }
    const edit = { bed: id, from: bed.revision, before: before.outline, after: geometry.outline };
    return reoutline([edit], "Move beds");
  },
  copy: ({ plan, season }, id, geometry, taken) => {
    const bed = plan.beds.find((each) => each.id === id);
    const revision = bed && revisionIn(bed, season);
    if (!revision || geometry.kind !== "BOX") return null;
    const name = nextName(bed.name, taken);
    const change = placed(name, { ...revision, from: season, outline: geometry.outline });
    return change.kind === "PlaceBed" ? { id: change.bed.id, name, change } : null;
  },
  remove: ({ plan, season }, id) => {
    const bed = plan.beds.find((each) => each.id === id);
    return bed ? removal(bed.id, bed.revisions.every(({ from }) => from < season) ? season : null) : null;
  },
};

/** A bed that stood in an earlier season is retired from this one on and keeps its history; another goes altogether. */
function removal(bed: string, retired: number | null): Change {
  return retired === null ? { kind: "RemoveBed", bed } : { kind: "RetireBed", bed, season: retired };
}

function geometryOf(bed: BedAppraisal, outlines: Ground["outlines"]): Extract<Geometry, { kind: "BOX" }> {
  const { form } = bed.shape;
  return {
    kind: "BOX",
    outline: outlines.get(bed.bed) ?? bed.outline,
    corners: form.kind === "FREE" ? form.places : null,
  };
}
