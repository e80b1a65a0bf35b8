import { describe, expect, it } from "vitest";
import { fitted, panned, toGround, toSheet, zoomed } from "./view";

const plot = { left: 0, right: 10, bottom: 0, top: 8 };
const size = { width: 700, height: 600 };

describe("the view of the sheet", () => {
  it("shows the whole plot with room round it", () => {
    const view = fitted(plot, size);
    const foot = toSheet(view, { x: 0, y: 0 });
    const head = toSheet(view, { x: 10, y: 8 });
    expect(foot.x).toBeGreaterThan(40);
    expect(head.y).toBeGreaterThan(40);
    expect(head.x).toBeLessThan(660);
    expect(foot.y).toBeLessThan(560);
  });

  it("goes to the sheet and back", () => {
    const view = panned(fitted(plot, size), 13, -7);
    const back = toGround(view, toSheet(view, { x: 3.3, y: 4.4 }));
    expect(back.x).toBeCloseTo(3.3, 9);
    expect(back.y).toBeCloseTo(4.4, 9);
  });

  it("zooms about the place under the pointer", () => {
    const view = fitted(plot, size);
    const about = { x: 200, y: 150 };
    const under = toGround(view, about);
    const now = toSheet(zoomed(view, 3, about), under);
    expect(now.x).toBeCloseTo(200, 6);
    expect(now.y).toBeCloseTo(150, 6);
    expect(zoomed(view, 1e9, about).scale).toBeLessThanOrEqual(1500);
  });
});
