import { describe, expect, it } from "vitest";
import type { AppraisalReport } from "../api/types";
import { appraisalAfter, rewritten } from "./rewrite";

describe("a list told by what stays of an earlier one", () => {
  const before = [{ name: "a" }, { name: "b" }, { name: "c" }];

  it("copies stretches and adds what is new, in order", () => {
    const stretches = [
      { from: 2, to: 3, fresh: [{ name: "x" }] },
      { from: 0, to: 1, fresh: [] },
    ];
    expect(rewritten(before, { stretches }).map((e) => e.name)).toEqual(["c", "x", "a"]);
  });

  it("keeps what stays as the same objects, so that nothing is drawn again for it", () => {
    expect(rewritten(before, { stretches: [{ from: 0, to: 3, fresh: [] }] })[1]).toBe(before[1]);
  });

  it("is empty without stretches", () => {
    expect(rewritten(before, { stretches: [] })).toEqual([]);
  });
});

describe("the judgement that an edit would lead to", () => {
  it("keeps what is not named, and forgets what is gone", () => {
    const before = {
      season: 2026,
      plot: 9,
      growing: 4,
      perArea: "EUR 3.00",
      walks: ["w"],
      beds: ["a", "b"],
    } as unknown as AppraisalReport;
    const after = appraisalAfter(before, {
      values: { growing: 2 },
      lists: { beds: { stretches: [{ from: 1, to: 2, fresh: [] }] } },
      gone: ["perArea"],
    });
    expect(after).toEqual({ season: 2026, plot: 9, growing: 2, walks: ["w"], beds: ["b"] });
    expect(after.walks).toBe(before.walks);
  });
});
