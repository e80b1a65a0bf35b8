import { describe, expect, it } from "vitest";
import type { Rectangle } from "../api/types";
import { boundsOf, corners, isSame, shifted, spanning, stretched, turned, type Edge } from "./geometry";

const bed: Rectangle = { centre: { x: 3, y: 2 }, length: 2, width: 1, turn: 0 };

describe("rectangles on the drawing", () => {
  it("turns clockwise", () => {
    const [first] = corners({ ...bed, turn: 90 });
    expect(first).toEqual({ x: 2.5, y: 3 });
  });

  it.each([0, 1, 2, 3] as Edge[])("stretches edge %d with the opposite one staying", (edge) => {
    for (const turn of [0, 30, 90, 200]) {
      const before = { ...bed, turn };
      const after = stretched(before, edge, 1.5);
      const opposite = (edge + 2) % 4;
      const fixed = [opposite, (opposite + 1) % 4];
      // Both ends of the opposite edge lie on the line they lay on.
      for (const corner of fixed) {
        const was = corners(before);
        const now = corners(after)[corner];
        const a = was[fixed[0] ?? 0];
        const b = was[fixed[1] ?? 0];
        if (!a || !b || !now) throw new Error("four corners");
        const off = (b.x - a.x) * (now.y - a.y) - (b.y - a.y) * (now.x - a.x);
        expect(off).toBeCloseTo(0, 5);
      }
    }
  });

  it("keeps places to whole micrometres", () => {
    expect(shifted(bed, 0.1, 0.2).centre).toEqual({ x: 3.1, y: 2.2 });
    expect(turned(bed, -15).turn).toBe(345);
  });

  it("spans two places whichever comes first", () => {
    expect(spanning({ x: 3, y: 1 }, { x: 1, y: 2 })).toEqual({
      centre: { x: 2, y: 1.5 },
      length: 2,
      width: 1,
      turn: 0,
    });
  });

  it("bounds what is turned", () => {
    const { left, right } = boundsOf(corners({ ...bed, turn: 90 }));
    expect([left, right]).toEqual([2.5, 3.5]);
    expect(isSame(bed, { ...bed, turn: 1 })).toBe(false);
  });
});
