import { describe, expect, it } from "vitest";
import type { Bounds } from "./geometry";
import { snap, snapSize, snapToEdges, snapToEqualGaps, snapToGrid, type Surroundings } from "./snapping";

const box = (left: number, bottom: number, wide = 2, high = 1): Bounds => ({
  left,
  right: left + wide,
  bottom,
  top: bottom + high,
});
const around = (...others: Bounds[]): Surroundings => ({
  others,
  plot: { left: 0, right: 20, bottom: 0, top: 20 },
  step: 0.25,
  tolerance: 0.1,
});

describe("snapping", () => {
  it("draws an edge in line with a neighbour's edge", () => {
    expect(snapToEdges(box(5.06, 8), around(box(5, 3)), "x")).toEqual({
      shift: expect.closeTo(-0.06),
      guide: 5,
    });
  });

  it("draws a middle in line with a neighbour's middle", () => {
    expect(snapToEdges(box(5.45, 8, 1), around(box(5, 3)), "x")?.shift).toBeCloseTo(0.05);
  });

  it("draws a bed onto the plot's edge", () => {
    expect(snapToEdges(box(0.07, 8), around(), "x")?.shift).toBeCloseTo(-0.07);
  });

  it("leaves alone what is not near", () => {
    expect(snapToEdges(box(5.4, 8), around(box(1, 3)), "x")).toBeNull();
  });

  it("makes the gaps to both neighbours equal", () => {
    const snapped = snapToEqualGaps(box(4.05, 1), around(box(1, 1), box(7, 1)), "x");
    expect(snapped?.shift).toBeCloseTo(-0.05);
  });

  it("repeats the gap that two neighbours keep", () => {
    const snapped = snapToEqualGaps(box(7.06, 1), around(box(1, 1), box(4, 1)), "x");
    expect(snapped?.shift).toBeCloseTo(-0.06);
  });

  it("counts only neighbours in the same row", () => {
    expect(snapToEqualGaps(box(4.05, 9), around(box(1, 1), box(7, 1)), "x")).toBeNull();
  });

  it("falls back to the grid, counted from the plot's corner, without a guide", () => {
    const surroundings = { ...around(), plot: { left: 0.1, right: 20, bottom: 0, top: 20 } };
    expect(snapToGrid(box(5.3, 8), surroundings, "x")?.shift).toBeCloseTo(0.05);
    expect(snap(box(5.3, 8.1), surroundings).guides).toEqual([]);
  });

  it("keeps sizes on the grid and never at nothing", () => {
    expect(snapSize(1.13, 0.25)).toBe(1.25);
    expect(snapSize(0.01, 0.25)).toBe(0.25);
  });
});
