import { describe, expect, it } from "vitest";
import { front } from "./front";

const layout = (growing: number, edge: number, cost = "10.00", detour = 5) => ({
  growing,
  edge,
  detour,
  cost: { amount: cost, currency: "EUR" },
});

describe("the front of layouts", () => {
  it("drops what another one beats and keeps what is best in something", () => {
    const most = layout(20, 40);
    const leastEdge = layout(10, 20);
    const cheap = layout(5, 40, "1.00");
    expect(front([cheap, layout(19, 41), leastEdge, most])).toEqual([most, leastEdge, cheap]);
  });

  it("keeps one of two that are equal", () => {
    expect(front([layout(1, 1), layout(1, 1)])).toHaveLength(1);
  });
});
