// @vitest-environment jsdom
import "../testing/setup";
import { renderHook } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { deskFor, report } from "../testing/desk";
import { snagsByThing } from "../workspace/snagsByThing";
import type { Point } from "../api/types";
import { boxGrips } from "./grips";
import { meet, outlineOf } from "./labels";
import { useLabels } from "./useLabels";

const typable = { gap: vi.fn(), size: vi.fn(), side: vi.fn() };
const still = {
  view: { scale: 60, x: 100, y: 500 },
  size: { width: 900, height: 650 },
  pieces: [],
  hovered: null,
  overlays: [],
  typable,
};

function labelled(snags = report.snags) {
  const judged = { ...report, snags };
  return deskFor({ report: judged, judged, snagsOf: snagsByThing(snags) }).desk;
}

describe("sizes of what is selected", () => {
  it("keep off the grips that it is stretched and turned by", () => {
    const desk = { ...labelled([]), selection: new Set(["kale"]) };
    const { result } = renderHook(() => useLabels({ desk, ...still }, false));
    const typed = result.current.labels.filter(({ tone }) => tone === "typed");
    expect(typed).toHaveLength(2);
    const outline = desk.outlines.get("kale");
    if (!outline) throw new Error("there is no kale");
    const { turn, edges } = boxGrips(outline, still.view);
    for (const grip of [turn, ...edges.map(([, place]) => place)]) {
      const box = [-5, 5].flatMap((dx) => [-5, 5].map((dy) => ({ x: grip.x + dx, y: grip.y + dy })));
      typed.forEach(({ form, tone }) => {
        expect(meet(outlineOf(form, tone), [box[0], box[1], box[3], box[2]] as Point[])).toBe(false);
      });
    }
  });
});

describe("labels while something is under the hand", () => {
  it("stay where they are; only the marks follow the judgement", () => {
    const place = { x: 2, y: 2 };
    const [snag] = report.snags;
    if (!snag) throw new Error("the report has no snag");
    const old = { ...snag, weight: "SERIOUS" as const, beds: [], place };
    const fresh = { ...old, place: { x: 8, y: 2 } };
    const before = labelled([old]);
    const { result, rerender } = renderHook(({ desk, hand }) => useLabels({ desk, ...still }, hand), {
      initialProps: { desk: before, hand: false },
    });
    const rest = result.current.labels;
    const names = rest.filter(({ tone }) => tone === "name");
    expect(names.length).toBeGreaterThan(0);

    const during = { ...labelled([fresh, old]), units: "FEET_AND_INCHES" as const };
    rerender({ desk: during, hand: true });
    const now = result.current.labels;
    expect(now.filter(({ tone }) => tone === "name")).toEqual(names);
    expect(result.current.things).toBe(before.things);
    const marks = now.filter(({ tone }) => tone === "serious");
    expect(marks.map(({ key }) => key).sort()).toEqual(["snag 1", "snag 2"]);
    // The one that there was before keeps its place under its new number.
    const kept = rest.find(({ tone }) => tone === "serious");
    expect(marks.find(({ key }) => key === "snag 2")?.form.at).toEqual(kept?.form.at);

    rerender({ desk: during, hand: false });
    expect(result.current.things).toBe(during.things);
  });
});
