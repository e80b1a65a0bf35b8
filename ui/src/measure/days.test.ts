import { describe, expect, it } from "vitest";
import { daysAgo, formatDay } from "./days";

const now = new Date(2026, 10, 28, 0, 5);
const at = (...parts: [number, number, number, number?, number?]) => new Date(...parts).toISOString();

describe("days", () => {
  it("are counted from midnight to midnight", () => {
    expect(daysAgo(at(2026, 10, 28, 0, 1), now)).toBe("today");
    expect(daysAgo(at(2026, 10, 27, 23, 59), now)).toBe("yesterday");
    expect(daysAgo(at(2026, 10, 15), now)).toBe("13 days ago");
    expect(daysAgo(at(2026, 10, 14), now)).toBe("14 November 2026");
  });

  it("never lie ahead, whatever the clock of the program says", () => {
    expect(daysAgo(at(2026, 10, 29), now)).toBe("today");
  });

  it("are counted over the hour that summer time takes", () => {
    expect(daysAgo(at(2026, 2, 28, 12), new Date(2026, 2, 30, 0, 30))).toBe("2 days ago");
  });

  it("are written as a day", () => {
    expect(formatDay(at(2026, 11, 5))).toBe("5 December 2026");
  });
});
