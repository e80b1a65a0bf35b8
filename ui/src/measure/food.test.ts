import { describe, expect, it } from "vitest";
import { formatFood, formatFoodPerArea, parseFood } from "./food";

describe("food", () => {
  it("is told to a tenth below ten, else whole", () => {
    expect(formatFood(9.94, "METRIC")).toBe("9.9 kg");
    expect(formatFood(10.4, "METRIC")).toBe("10 kg");
    expect(formatFood(0, "METRIC")).toBe("0 kg");
    expect(formatFood(10, "FEET_AND_INCHES")).toBe("22 lb");
    expect(formatFoodPerArea(4, "METRIC")).toBe("4.0 kg/m²");
    // 1 kg on a square metre is 0.2048 lb on a square foot (NIST).
    expect(formatFoodPerArea(10, "FEET_AND_INCHES")).toBe("2.05 lb/sq ft");
  });

  it("is read in the garden's unit or the one that is typed (1 lb is 0.45359237 kg, NIST)", () => {
    expect(parseFood("12.5", "METRIC")).toBe(12.5);
    expect(parseFood("12,5 kg", "FEET_AND_INCHES")).toBe(12.5);
    expect(parseFood("10", "FEET_AND_INCHES")).toBeCloseTo(4.5359237);
    expect(parseFood("10 lbs", "METRIC")).toBeCloseTo(4.5359237);
    expect(parseFood("a lot", "METRIC")).toBeNull();
    expect(parseFood("", "METRIC")).toBeNull();
  });
});
