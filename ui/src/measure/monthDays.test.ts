import { describe, expect, it } from "vitest";
import { formatMonthDay, parseMonthDay } from "./monthDays";

describe("days of the year", () => {
  it.each(["1 May", "1st of May", "may 1", "1.5.", "05-01", "--05-01", "1. May", " 1 may "])(
    "reads %s",
    (text) => {
      expect(parseMonthDay(text)).toBe("--05-01");
    },
  );

  it.each(["", "May", "32 May", "31 Feb", "5/1", "1 Ma", "13-01", "0 May", "1 May 2029"])(
    "refuses %s",
    (text) => {
      expect(parseMonthDay(text)).toBeNull();
    },
  );

  it("keeps the last of February, and reads what it writes", () => {
    expect(parseMonthDay("29 Feb")).toBe("--02-29");
    expect(formatMonthDay("--12-24", "long")).toBe("24 December");
    expect(formatMonthDay("--09-24", "short")).toBe("24 Sep");
    expect(parseMonthDay(formatMonthDay("--12-24", "short"))).toBe("--12-24");
  });
});
