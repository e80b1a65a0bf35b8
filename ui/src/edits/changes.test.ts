import { describe, expect, it } from "vitest";
import type { BedRevision, Change, Gardener, Rectangle } from "../api/types";
import { catalogue, plan } from "../testing/desk";
import { freeName, outlinesAfter, plain, planAfter, reoutline, without } from "./changes";

const before: Rectangle = { centre: { x: 2, y: 2 }, length: 2, width: 1, turn: 0 };
const moved: Rectangle = { ...before, centre: { x: 3, y: 2 } };

describe("changes", () => {
  it("a move keeps the size, a reshape doesn't, and nothing is nothing", () => {
    expect(reoutline([{ bed: "b", from: 2027, before, after: moved }], "")?.kind).toBe("MoveBed");
    expect(reoutline([{ bed: "b", from: 2027, before, after: { ...before, width: 2 } }], "")?.kind).toBe(
      "ReshapeBed",
    );
    expect(reoutline([{ bed: "b", from: 2027, before, after: before }], "")).toBeNull();
  });

  it("several beds are one change", () => {
    const both = ["a", "b"].map((bed) => ({ bed, from: 2027, before, after: moved }));
    expect(reoutline(both, "Move beds")).toMatchObject({
      kind: "Batch",
      label: "Move beds",
      changes: [{}, {}],
    });
  });

  it("shows what edits that wait will lead to", () => {
    const waiting: Change[] = [
      { kind: "MoveBed", bed: "b", from: 2027, centre: { x: 9, y: 9 }, turn: 45 },
      {
        kind: "PlaceBed",
        bed: { id: "n", name: "New", tendedBy: [], revisions: [{ ...plain, from: 2027, outline: moved }] },
      },
      { kind: "RemoveBed", bed: "gone" },
    ];
    const after = outlinesAfter(
      waiting,
      new Map([
        ["b", before],
        ["gone", before],
      ]),
    );
    expect(after.get("b")).toEqual({ ...before, centre: { x: 9, y: 9 }, turn: 45 });
    expect(after.get("n")).toEqual(moved);
    expect(after.has("gone")).toBe(false);
  });

  it("of two edits that wait the second starts from what the first put", () => {
    const saw = { ...plan.workshop, kerf: 0.002 };
    const ada = { ...(plan.gardeners[0] as Gardener), reach: 0.7 };
    const bo = { ...ada, id: "bo", name: "Bo" };
    const [bed] = plan.beds;
    const revision = { ...(bed?.revisions[0] as BedRevision), existing: true };
    const after = planAfter(
      [
        { kind: "PutWorkshop", workshop: saw },
        { kind: "Batch", label: "Both", changes: [{ kind: "PutGardener", gardener: ada }] },
        { kind: "PutGardener", gardener: bo },
        { kind: "RebuildBed", bed: bed?.id ?? "", revision },
        { kind: "ReframeBed", bed: bed?.id ?? "", from: revision.from },
        { kind: "RenameBed", bed: bed?.id ?? "", name: "Peas" },
      ],
      plan,
      catalogue.things,
    );
    expect(after.workshop).toEqual(saw);
    expect(after.gardeners).toEqual([ada, ...plan.gardeners.slice(1), bo]);
    expect(after.beds[0]?.revisions[0]).toEqual(without(revision, "frame"));
    expect(after.beds.slice(1)).toEqual(plan.beds.slice(1));
  });

  it("finds a free name", () => {
    expect(freeName("Bed", ["Bed 1", "Bed 3"])).toBe("Bed 2");
  });
});
