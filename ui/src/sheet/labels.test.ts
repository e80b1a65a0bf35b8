import { describe, expect, it } from "vitest";
import {
  leaderOf,
  meet,
  outlineOf,
  placed,
  roundAbout,
  sizeOf,
  type Label,
  type LabelForm,
  type Taken,
} from "./labels";

const room = { width: 400, height: 300 };
const nothing: Taken = { boxes: [], edges: [] };

function form(x: number, y: number, part: Partial<LabelForm> = {}): LabelForm {
  return { lines: ["Kale"], size: 12, at: { x, y }, turn: 0, ...part };
}

function label(key: string, rank: number, ...forms: LabelForm[]): Label {
  return { key, rank, tone: "name", forms };
}

const chosen = (labels: Label[], taken = nothing) =>
  Object.fromEntries(placed(labels, taken, room).map(({ key, form: { at } }) => [key, at.x]));

describe("labels", () => {
  it("take their first place that is free, the important ones first", () => {
    const minor = label("minor", 5, form(100, 100), form(200, 100));
    const major = label("major", 1, form(100, 100), form(300, 100));
    expect(chosen([minor, major])).toEqual({ major: 100, minor: 200 });
  });

  it("wait where nothing is free, and at the edge of the sheet", () => {
    expect(chosen([label("a", 1, form(100, 100)), label("b", 2, form(105, 100))])).toEqual({ a: 100 });
    const half = sizeOf(form(0, 0), "name").width / 2;
    expect(chosen([label("a", 1, form(half, 50))])).toEqual({ a: half });
    expect(chosen([label("a", 1, form(half - 0.1, 50))])).toEqual({});
  });

  it("cross no edge and cover no button, turned or not", () => {
    const edges = [{ from: { x: 100, y: 0 }, to: { x: 100, y: 200 } }];
    expect(chosen([label("a", 1, form(105, 100), form(150, 100))], { boxes: [], edges })).toEqual({ a: 150 });
    const upright = form(110, 100, { turn: -90 });
    expect(chosen([label("a", 1, upright)], { boxes: [], edges })).toEqual({ a: 110 });
    const button = [
      { x: 90, y: 90 },
      { x: 130, y: 90 },
      { x: 130, y: 120 },
      { x: 90, y: 120 },
    ];
    expect(chosen([label("a", 1, form(100, 100))], { boxes: [button], edges: [] })).toEqual({});
  });

  it("send no leader across another label", () => {
    const far = { x: 200, y: 100 };
    const across = form(50, 100, { leader: far });
    const clear = form(200, 150, { leader: far });
    expect(chosen([label("a", 1, form(120, 100)), label("b", 2, across, clear)])).toEqual({ a: 120, b: 200 });
  });

  it("have a leader from their edge to what they belong to", () => {
    const to = { x: 100, y: 200 };
    const [from] = leaderOf(form(100, 100, { leader: to }), to, "name");
    expect(from.x).toBeCloseTo(100);
    expect(from.y).toBeCloseTo(100 + sizeOf(form(0, 0), "name").height / 2);
  });

  it("try the places round about from above, the near ones first", () => {
    const places = roundAbout({ x: 0, y: 0 }, [10, 20]);
    expect(places[0]?.at.y).toBeCloseTo(-10);
    expect(Math.hypot(places.at(-1)?.at.x ?? 0, places.at(-1)?.at.y ?? 0)).toBeCloseTo(20);
  });

  it("are as large as what is written: a note under a name is smaller", () => {
    const two = sizeOf(form(0, 0, { lines: ["K", "2.40 × 1.20"] }), "name");
    const noted = sizeOf(form(0, 0, { lines: ["K", "2.40 × 1.20"], noted: true }), "name");
    expect(noted.width).toBeLessThan(two.width);
    expect(sizeOf(form(0, 0, { lines: ["107"] }), "mark").width).toBeGreaterThan(
      sizeOf(form(0, 0, { lines: ["7"] }), "mark").width,
    );
  });
});

describe("two shapes", () => {
  it("meet where no line parts them, turned squares too", () => {
    const square = outlineOf(form(100, 100), "mark");
    const beside = outlineOf(form(100 + sizeOf(form(0, 0), "mark").width, 100), "mark");
    expect(meet(square, beside)).toBe(false);
    expect(meet(square, outlineOf(form(101, 101), "mark"))).toBe(true);
    const slanted = outlineOf(form(100, 130, { turn: 45 }), "mark");
    expect(meet(square, slanted)).toBe(false);
    expect(
      meet(square, [
        { x: 0, y: 0 },
        { x: 200, y: 200 },
      ]),
    ).toBe(true);
  });
});
