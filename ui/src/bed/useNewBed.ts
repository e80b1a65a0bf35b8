import type { Change, Form, Rectangle } from "../api/types";
import { freeName, placed, plain } from "../edits/changes";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";

/** Makes new beds for the season that is looked at, framed as some bed of the plan is. */
export function useNewBed() {
  const desk = useDesk();
  return (outline: Rectangle, form: Form = { kind: "RECTANGLE" }): Extract<Change, { kind: "PlaceBed" }> => {
    const model = desk.plan.beds
      .map((bed) => revisionIn(bed, desk.season)?.frame)
      .find((frame) => frame !== undefined);
    const name = freeName(
      "Bed",
      desk.plan.beds.map((bed) => bed.name),
    );
    const shape = { form, keyholes: [] };
    const change = placed(name, {
      ...plain,
      from: desk.season,
      outline,
      shape,
      ...(model ? { frame: model } : {}),
    });
    return change as Extract<Change, { kind: "PlaceBed" }>;
  };
}
