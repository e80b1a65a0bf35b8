import { describe, expect, it } from "vitest";
import type { Plan } from "../api/types";
import { presentSeason, railSeasons } from "./seasons";

const outline = { centre: { x: 1, y: 1 }, length: 1, width: 1, turn: 0 };
const plan = {
  firstSeason: 2026,
  beds: [{ id: "b", name: "B", revisions: [{ from: 2027, outline }], retired: 2030 }],
} as unknown as Plan;

describe("the season rail", () => {
  it("goes from the first season to a little beyond the last event", () => {
    expect(railSeasons(plan, 2026, 2026)).toEqual([2026, 2027, 2028, 2029, 2030, 2031, 2032]);
  });

  it("begins with a bed that stood before the garden was taken over", () => {
    const old = {
      ...plan,
      beds: [{ id: "b", name: "B", revisions: [{ from: 2024, outline }] }],
    } as unknown as Plan;
    expect(railSeasons(old, 2026, 2026)[0]).toBe(2024);
  });

  it("begins with this year, or with the garden while that lies ahead", () => {
    const today = new Date("2026-11-25");
    expect(presentSeason(2024, today)).toBe(2026);
    expect(presentSeason(2028, today)).toBe(2028);
  });
});
