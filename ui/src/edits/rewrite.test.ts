import { describe, expect, it } from "vitest";
import { rewritten } from "./rewrite";

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
