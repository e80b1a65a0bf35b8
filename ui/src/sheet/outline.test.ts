import { describe, expect, it } from "vitest";
import { onBoundary, sideAt } from "./boundary";
import { corners } from "./geometry";
import { fitted, fromLowerLeft, onDrawing, refitted, startingForm } from "./outline";

const plot = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 8 },
  { x: 0, y: 8 },
];

describe("outlines under the hand", () => {
  it("follow a move, a turn and a stretch of the rectangle round them", () => {
    const judged = { centre: { x: 2, y: 2 }, length: 2, width: 1, turn: 0 };
    const drawn = { centre: { x: 5, y: 3 }, length: 4, width: 1, turn: 90 };
    const shown = fitted(corners(judged), judged, drawn);
    corners(drawn).forEach((corner, index) => {
      expect(shown[index]?.x).toBeCloseTo(corner.x, 9);
      expect(shown[index]?.y).toBeCloseTo(corner.y, 9);
    });
  });

  it("begin with a form that fits", () => {
    expect(startingForm("OCTAGON", 2, 2)).toEqual({ kind: "OCTAGON", corner: 0.585786 });
    const comb = startingForm("COMB", 5, 2);
    if (comb.kind !== "COMB") throw new Error("a comb was asked for");
    expect(comb.fingers * comb.finger).toBeLessThan(5);
    expect(startingForm("RECTANGLE", 2, 1)).toEqual({ kind: "RECTANGLE" });
  });
});

describe("free corners", () => {
  const outline = { centre: { x: 2, y: 2 }, length: 2, width: 1, turn: 30 };
  const places = [
    { x: 0, y: 0 },
    { x: 2, y: 0 },
    { x: 0.5, y: 1 },
  ];

  it("are measured along the bed's own sides", () => {
    onDrawing(places, outline).forEach((place, index) => {
      expect(fromLowerLeft(place, outline)).toEqual(places[index]);
    });
  });

  it("keep their places on the ground when their rectangle grows on any side", () => {
    const moved = [{ x: -0.4, y: 0.1 }, ...places.slice(1), { x: 1, y: 1.6 }];
    const fitted = refitted(moved, outline);
    expect(fitted.outline).toMatchObject({ length: 2.4, width: 1.6, turn: 30 });
    const before = onDrawing(moved, outline);
    onDrawing(fitted.places, fitted.outline).forEach((place, index) => {
      expect(place.x).toBeCloseTo(before[index]?.x ?? NaN, 5);
      expect(place.y).toBeCloseTo(before[index]?.y ?? NaN, 5);
    });
  });
});

describe("the edge of the ground", () => {
  it("takes a click to the nearest side, into its middle or onto a step", () => {
    expect(onBoundary([plot], { x: 5.1, y: -0.3 }, 0.5, 0.2)).toEqual({ x: 5, y: 0 });
    expect(onBoundary([plot], { x: 2.1, y: 0.2 }, 0.5, 0.2)).toEqual({ x: 2, y: 0 });
    expect(onBoundary([plot], { x: 9.9, y: 6.3 }, 0.5, 0.2)).toEqual({ x: 10, y: 6.5 });
  });

  it("knows the direction of the side a place lies on", () => {
    expect(sideAt([plot], { x: 10, y: 4 })).toEqual({ x: 0, y: 1 });
  });
});
