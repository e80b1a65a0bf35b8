import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Units } from "../api/types";
import { formatDimension, formatLength, parseLength } from "./lengths";

interface Cases {
  read: [string, Units, number][];
  unreadable: string[];
  written: [number, Units, string][];
}

// The program's own reader is held to the same cases.
const cases = JSON.parse(readFileSync("../core/src/test/resources/lengths.json", "utf8")) as Cases;

describe("lengths as they stand on a tape", () => {
  it.each(cases.read)("reads %s where %s is used", (text, units, micrometres) => {
    expect(parseLength(text, units)).toBe(micrometres / 1e6);
  });

  it.each(cases.unreadable)("does not guess at %j", (text) => {
    expect(parseLength(text, "METRIC")).toBeNull();
  });

  it.each(cases.written)("writes %d micrometres in %s as %s", (micrometres, units, text) => {
    expect(formatLength(micrometres / 1e6, units)).toBe(text);
  });

  it("reads back what it writes, minus included", () => {
    expect(parseLength(formatLength(-0.15, "METRIC"), "METRIC")).toBe(-0.15);
    expect(parseLength(formatLength(1.2954, "FEET_AND_INCHES"), "FEET_AND_INCHES")).toBe(1.2954);
  });

  it("leaves metres unsaid on the drawing", () => {
    expect(formatLength(0.003175, "METRIC")).toBe("3.2 mm");
    expect(formatLength(-0.004, "METRIC")).toBe("−4 mm");
    expect(formatLength(0.0096, "METRIC")).toBe("0.01 m");
    expect(formatDimension(1.02, "METRIC")).toBe("1.02");
    expect(formatDimension(0.3048, "FEET_AND_INCHES")).toBe("1′");
  });
});
