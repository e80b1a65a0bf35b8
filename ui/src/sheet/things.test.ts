import { describe, expect, it } from "vitest";
import { asBefore, type Thing } from "./things";

const outline = { centre: { x: 2, y: 1 }, length: 2, width: 1, turn: 0 };
const bed = (id: string, part: Partial<Thing> = {}): Thing => ({
  id,
  name: id,
  kind: "bed",
  geometry: { kind: "BOX", outline: { ...outline, centre: { ...outline.centre } }, corners: null },
  under: false,
  ...part,
});

describe("things of a moment", () => {
  it("are the same objects while nothing about them changes", () => {
    const before = asBefore(new Map(), [bed("a"), bed("b")]);
    expect(asBefore(before, [bed("a"), bed("b")])).toBe(before);
  });

  it("change one by one", () => {
    const shape = [{ x: 0, y: 0 }];
    const before = asBefore(new Map(), [bed("a"), bed("b", { shape })]);
    const moved = { ...outline, centre: { x: 2.01, y: 1 } };
    for (const other of [
      bed("a", { name: "Kale" }),
      bed("a", { geometry: { kind: "BOX", outline: moved, corners: null } }),
      bed("a", { geometry: { kind: "SPOT", place: { x: 2, y: 1 }, radius: 1 } }),
      bed("a", { shape }),
    ]) {
      const after = asBefore(before, [other, bed("b", { shape: [...shape] })]);
      expect(after.get("a")).toBe(other);
      expect(after.get("b")).toBe(before.get("b"));
    }
    expect([...asBefore(before, [bed("b", { shape })]).keys()]).toEqual(["b"]);
    expect(asBefore(before, [bed("a"), bed("b", { shape: [{ x: 0, y: 0.01 }] })]).get("b")).not.toBe(
      before.get("b"),
    );
  });
});
