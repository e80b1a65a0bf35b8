import { describe, expect, it } from "vitest";
import {
  formatBucket,
  formatDepthOfWater,
  formatDrip,
  formatFlow,
  formatPressure,
  parseBucket,
  parseDrip,
  parsePressure,
} from "./water";

/* A US gallon is 3.785411784 L, a pound on the square inch 6.894757 kPa (NIST Special Publication 811, appendix B). */
describe("flow, pressure and buckets", () => {
  it("are read as gauges and buckets are marked", () => {
    expect(formatFlow(1200, "METRIC")).toBe("20.0 L/min");
    expect(formatFlow(1200, "FEET_AND_INCHES")).toBe("5.28 gal/min");
    expect(formatPressure(275, "METRIC")).toBe("2.75 bar");
    expect(formatPressure(275.79, "FEET_AND_INCHES")).toBe("40.0 psi");
    expect(formatDrip(2, "METRIC")).toBe("2 L/h");
    expect(formatDrip(1.9, "FEET_AND_INCHES")).toBe("0.5 gal/h");
    expect(formatDepthOfWater(25.4, "METRIC")).toBe("25 mm");
    expect(formatDepthOfWater(25.4, "FEET_AND_INCHES")).toBe("1.0 in");
    expect(formatBucket(18.927, "FEET_AND_INCHES")).toBe("5 gal");
  });

  it.each([
    ["2.8 bar", 280],
    ["2,8", 280],
    ["280 kPa", 280],
    ["40psi", 275.79],
    ["forty", null],
    ["-1 bar", null],
    ["2.8 m", null],
  ])("a pressure is typed like %s", (text, kilopascals) => {
    expect(parsePressure(text, "METRIC")).toBe(kilopascals);
  });

  it("a bare number is in the gardener's own unit", () => {
    expect(parsePressure("40", "FEET_AND_INCHES")).toBe(275.79);
    expect(parseBucket("10", "METRIC")).toBe(10);
    expect(parseBucket("5", "FEET_AND_INCHES")).toBe(18.927);
    expect(parseDrip("0.5", "FEET_AND_INCHES")).toBe(1.893);
    expect(parseBucket("two", "METRIC")).toBeNull();
  });
});
