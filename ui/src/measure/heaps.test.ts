import { expect, it } from "vitest";
import { formatHeap, parseHeap } from "./heaps";

// A dry quart is 67.200625 cubic inches (NIST Handbook 44, appendix C), an inch is 2.54 cm.
const QUART = (67.200625 * 2.54 ** 3) / 1000;

it("tells what is heaped to a tenth below ten, else whole", () => {
  expect(formatHeap(9.94, "METRIC")).toBe("9.9 L");
  expect(formatHeap(10.4, "METRIC")).toBe("10 L");
  expect(formatHeap(3 * QUART, "FEET_AND_INCHES")).toBe("3.0 qt");
});

it("reads it in the garden's unit or the one that is typed", () => {
  expect(parseHeap("2.5", "METRIC")).toBe(2.5);
  expect(parseHeap("2,5 L", "FEET_AND_INCHES")).toBe(2.5);
  expect(parseHeap("4", "FEET_AND_INCHES")).toBeCloseTo(4 * QUART, 12);
  expect(parseHeap("4 qts", "METRIC")).toBeCloseTo(4 * QUART, 12);
  expect(parseHeap("a basket", "METRIC")).toBeNull();
  expect(parseHeap(" ", "METRIC")).toBeNull();
});
