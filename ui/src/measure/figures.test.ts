import { describe, expect, it } from "vitest";
import {
  densityUnit,
  inUnit,
  stiffnessUnit,
  formatArea,
  formatDifference,
  formatDistance,
  formatGrams,
  formatLoad,
  formatPull,
  formatThickness,
  formatMoney,
  formatShare,
  formatSpread,
  formatVolume,
  formatTonnes,
  parseVolume,
} from "./figures";

describe("small and pulling things", () => {
  // The avoirdupois ounce is 28.349523125 g, the pound 0.45359237 kg (NIST Handbook 44).
  it("are told in what a gardener weighs and measures with", () => {
    expect(formatGrams(0.0522, "METRIC")).toBe("52 g");
    expect(formatGrams(0.0567, "FEET_AND_INCHES")).toBe("2.0 oz");
    expect(formatThickness(0.0044, "METRIC")).toBe("4.4 mm");
    expect(formatThickness(0.00635, "FEET_AND_INCHES")).toBe("0.25 in");
    expect(formatPull(196.133, "METRIC")).toBe("20 kg");
    expect(formatPull(444.822, "FEET_AND_INCHES")).toBe("100 lb");
    expect(formatLoad(5.1, "METRIC")).toBe("5 kg a metre");
    expect(formatLoad(7.44, "FEET_AND_INCHES")).toBe("5 lb a foot");
  });
});

describe("loads", () => {
  // The international pound is 0.45359237 kg (NIST Handbook 44).
  it("are told in tonnes or in hundreds of pounds", () => {
    expect(formatTonnes(1.24, "METRIC")).toBe("1.2 t");
    expect(formatTonnes(1.24, "FEET_AND_INCHES")).toBe("2,700 lb");
  });
});

describe("figures", () => {
  it("writes money with the program's own digits", () => {
    expect(formatMoney({ amount: "2801.05", currency: "EUR" })).toBe("€2,801.05");
    expect(formatMoney({ amount: "1234567", currency: "JPY" })).toBe("¥1,234,567");
    expect(formatMoney({ amount: "-98.95", currency: "GBP" })).toBe("−£98.95");
    expect(formatMoney({ amount: "12.00", currency: "CHF" })).toBe("CHF 12.00");
  });

  it("gives what costs more a plus", () => {
    expect(formatDifference({ amount: "4.50", currency: "EUR" })).toBe("+€4.50");
    expect(formatDifference({ amount: "-4.50", currency: "EUR" })).toBe("−€4.50");
  });

  it("writes areas and volumes in the gardener's units", () => {
    expect(formatArea(0.09290304, "FEET_AND_INCHES")).toBe("1.0 sq ft");
    expect(formatArea(2.28, "METRIC")).toBe("2.28 m²");
    expect(formatVolume(558.4, "METRIC")).toBe("558 L");
    expect(formatVolume(28.316846592 * 42.4, "FEET_AND_INCHES")).toBe("1.57 cu yd");
  });

  it("writes what is spread on soil by the square metre or by 100 square feet", () => {
    expect(formatSpread(0.5, "METRIC")).toBe("0.5 kg to a square metre");
    expect(formatSpread(0.5, "FEET_AND_INCHES")).toBe("10 lb to 100 square feet");
  });

  it("writes a way to a decimetre or a foot", () => {
    expect(formatDistance(32.861, "METRIC")).toBe("32.9 m");
    expect(formatDistance(32.861, "FEET_AND_INCHES")).toBe("108 ft");
  });

  it("never rounds a share away", () => {
    expect(formatShare(0.001)).toBe("<1 %");
    expect(formatShare(0)).toBe("0 %");
    expect(formatShare(0.284)).toBe("28 %");
  });
});

describe("what a material weighs and how stiff it is", () => {
  // NIST SP 811, appendix B.8: 1 lb/ft³ is 16.01846 kg/m³, 1 psi is 6.894757 kPa.
  it("is told in the units of the garden", () => {
    expect(densityUnit("FEET_AND_INCHES").size).toBeCloseTo(16.01846, 5);
    expect(stiffnessUnit("FEET_AND_INCHES").size).toBeCloseTo(6.894757, 6);
    expect(inUnit(560, densityUnit("FEET_AND_INCHES"))).toBe("35");
    expect(inUnit(8, stiffnessUnit("FEET_AND_INCHES"))).toBe("1.16");
    expect(inUnit(560, densityUnit("METRIC"))).toBe("560");
    expect(inUnit(0.8, stiffnessUnit("METRIC"))).toBe("0.8");
  });
});

describe("volumes that somebody types", () => {
  it.each([
    ["250 L", "METRIC", 250],
    ["0,5 m³", "METRIC", 500],
    ["2 m3", "FEET_AND_INCHES", 2000],
    ["85", "METRIC", 85],
    ["3", "FEET_AND_INCHES", 84.951],
    ["1 cu yd", "METRIC", 764.555],
    ["a heap", "METRIC", null],
    ["-3 L", "METRIC", null],
  ] as const)("reads %s", (text, units, litres) => {
    expect(parseVolume(text, units)).toBe(litres);
  });
});
