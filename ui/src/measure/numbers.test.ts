import { describe, expect, it } from "vitest";
import { plainAmount, plainNumber } from "./numbers";

/* What languages write: the Unicode Common Locale Data Repository, as the browser's Intl has it. */

describe("numbers as people type them", () => {
  it.each([
    ["2000", "2000"],
    ["2 000", "2000"],
    ["2\u202f000", "2000"],
    ["2'000.50", "2000.50"],
    ["2,000", "2000"],
    ["2.000", "2000"],
    ["2.000,50", "2000.50"],
    ["2,000.50", "2000.50"],
    ["1,234,567", "1234567"],
    ["1.234.567,89", "1234567.89"],
    ["12,5", "12.5"],
    ["0,500", "0.500"],
    ["$12", "12"],
    ["12 €", "12"],
    ["-3,20", "-3.20"],
    ["−3", "-3"],
    ["1234.567", "1234.567"],
    [" 7.77 ", "7.77"],
  ])("reads %s as a sum of euros", (typed, read) => {
    expect(plainAmount(typed, "EUR")).toBe(read);
  });

  it("reads the code of the currency too, and three decimals where the currency has them", () => {
    expect(plainAmount("EUR 12", "EUR")).toBe("12");
    expect(plainAmount("12 usd", "USD")).toBe("12");
    expect(plainAmount("2.500", "JPY")).toBe("2500");
    expect(plainNumber("2.500", 3, "en")).toBe("2.500");
    expect(plainNumber("2.500", 3, "de")).toBe("2500");
    expect(plainNumber("2,500", 3, "en")).toBe("2500");
    expect(plainNumber("2,500", 3, "de")).toBe("2.500");
  });

  it("reads per cent and degrees without their sign", () => {
    expect(plainNumber("10%")).toBe("10");
    expect(plainNumber("12,5 %")).toBe("12.5");
    expect(plainNumber("15°")).toBe("15");
  });

  it("leaves what is no number as it was typed", () => {
    for (const text of ["dear", "", "12 apples", "=1+1", "--3", "$", "1e3"]) {
      expect(plainAmount(text, "EUR")).toBe(text);
    }
  });
});
