import { describe, expect, it } from "vitest";
import { fitted, lookOf, panned, toGround, toSheet, viewOf, zoomed } from "./view";

const plot = { left: 0, right: 10, bottom: 0, top: 8 };
const size = { width: 700, height: 600 };

describe("the view of the sheet", () => {
  it.each([
    ["a wide sheet", { width: 900, height: 680 }, 8],
    ["a phone", { width: 390, height: 640 }, 10],
  ])("lets the plot fill %s, with room for the lengths of its sides", (_, room, wide) => {
    const view = fitted({ ...plot, right: wide }, room);
    const foot = toSheet(view, { x: 0, y: 0 });
    const head = toSheet(view, { x: wide, y: 8 });
    for (const free of [foot.x, room.height - foot.y, room.width - head.x, head.y]) {
      expect(free).toBeGreaterThanOrEqual(23);
    }
    const used = Math.max((head.x - foot.x) / room.width, (foot.y - head.y) / room.height);
    expect(used).toBeGreaterThan(0.85);
  });

  it("looks at the same ground on a sheet of another size", () => {
    const view = zoomed(fitted(plot, size), 3, { x: 100, y: 100 });
    const look = lookOf(view, size);
    expect(viewOf(look, size).scale).toBeCloseTo(view.scale, 9);
    expect(viewOf(look, size).x).toBeCloseTo(view.x, 6);
    const small = viewOf(look, { width: 350, height: 300 });
    expect(toSheet(small, look).x).toBeCloseTo(175, 9);
    expect(small.scale).toBeCloseTo(view.scale / 2, 9);
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
