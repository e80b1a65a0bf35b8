import { describe, expect, it } from "vitest";
import type { Rectangle } from "../api/types";
import { caught, idle, interact, underHand, type Action, type Interaction, type Scene } from "./interaction";
import type { Box, Geometry } from "./things";

const beans: Rectangle = { centre: { x: 2, y: 2 }, length: 2, width: 1, turn: 0 };
const kale: Rectangle = { centre: { x: 6, y: 5 }, length: 2, width: 1, turn: 0 };
const plot = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 8 },
  { x: 0, y: 8 },
];
const box = (outline: Rectangle): Geometry => ({ kind: "BOX", outline, corners: null });
const scene: Scene = {
  things: new Map([
    ["beans", box(beans)],
    ["kale", box(kale)],
  ]),
  pieces: [plot],
  step: 0.25,
  tolerance: 0.05,
  free: false,
};

const outlineOf = (state: Interaction, id: string) => {
  const geometry = underHand(state).get(id);
  return geometry?.kind === "BOX" ? geometry.outline : undefined;
};

const play = (actions: Action[], on: Scene = scene) =>
  actions.reduce((state, action) => interact(state, action, on), idle);

describe("the pointer on the sheet", () => {
  it("moves what it grabs, on the grid", () => {
    const state = play([
      { kind: "grab", things: ["beans"], at: { x: 2, y: 2 } },
      { kind: "to", at: { x: 3.13, y: 2.6 } },
    ]);
    expect(outlineOf(state, "beans")?.centre).toEqual({ x: 3.25, y: 2.5 });
  });

  it("moves several together", () => {
    const state = play([
      { kind: "grab", things: ["beans", "kale"], at: { x: 2, y: 2 } },
      { kind: "to", at: { x: 2.5, y: 2 } },
    ]);
    expect([...underHand(state).keys()]).toEqual(["beans", "kale"]);
    expect(outlineOf(state, "kale")?.centre.x).toBe(6.5);
  });

  it("takes a trembling hand for a click", () => {
    const state = play([
      { kind: "grab", things: ["beans"], at: { x: 2, y: 2 } },
      { kind: "to", at: { x: 2.01, y: 2 } },
    ]);
    expect(outlineOf(state, "beans")).toEqual(beans);
  });

  it("sets snapping aside on demand", () => {
    const state = play(
      [
        { kind: "grab", things: ["beans"], at: { x: 2, y: 2 } },
        { kind: "to", at: { x: 2.333, y: 2.111 } },
      ],
      { ...scene, free: true },
    );
    expect(outlineOf(state, "beans")?.centre).toEqual({ x: 2.333, y: 2.111 });
  });

  it("takes one corner of a turned bed along, on the grid of the drawing", () => {
    const free: Box = {
      kind: "BOX",
      outline: { ...beans, turn: 90 },
      corners: [
        { x: 0, y: 0 },
        { x: 2, y: 0 },
        { x: 0, y: 1 },
      ],
    };
    const state = play(
      [
        { kind: "grab-corner", thing: "beans", corner: 1 },
        { kind: "to", at: { x: 1.51, y: 0.49 } },
      ],
      { ...scene, things: new Map([["beans", free]]) },
    );
    expect(underHand(state).get("beans")).toMatchObject({
      corners: [free.corners?.[0], { x: 2.5, y: 0 }, free.corners?.[2]],
    });
  });

  it("stretches an edge on the grid with the other staying", () => {
    const state = play([
      { kind: "grab-edge", thing: "beans", edge: 1 },
      { kind: "to", at: { x: 4.04, y: 2 } },
    ]);
    expect(outlineOf(state, "beans")).toEqual({ centre: { x: 2.5, y: 2 }, length: 3, width: 1, turn: 0 });
  });

  it("never stretches a bed inside out", () => {
    const state = play([
      { kind: "grab-edge", thing: "beans", edge: 1 },
      { kind: "to", at: { x: -5, y: 2 } },
    ]);
    expect(outlineOf(state, "beans")?.length).toBe(0.25);
  });

  it("turns by steps towards the pointer", () => {
    const state = play([
      { kind: "grab-turn", thing: "beans" },
      { kind: "to", at: { x: 4, y: 2.02 } },
    ]);
    expect(outlineOf(state, "beans")?.turn).toBe(90);
  });

  it("draws a bed between two places of the grid", () => {
    const state = play([
      { kind: "start-draw", at: { x: 1.02, y: 1.1 } },
      { kind: "to", at: { x: 3.4, y: 2.3 } },
    ]);
    expect(state).toMatchObject({ kind: "draw", now: { length: 2.5, width: 1.25 } });
  });

  it("draws nothing without a size", () => {
    expect(
      play([
        { kind: "start-draw", at: { x: 1, y: 1 } },
        { kind: "to", at: { x: 1.01, y: 3 } },
      ]),
    ).toMatchObject({ now: null });
  });

  it("catches what a marquee touches, and a click what lies there", () => {
    const from = { kind: "start-marquee", at: { x: 0, y: 0 }, click: "walk" } as const;
    const state = play([from, { kind: "to", at: { x: 1.5, y: 3 } }]);
    expect(caught(state, scene)).toEqual(["beans"]);
    expect(caught(play([from]), scene)).toEqual(["walk"]);
    expect(play([from, { kind: "release" }])).toBe(idle);
  });
});

describe("what is no bed under the pointer", () => {
  const walk: Geometry = {
    kind: "PLACES",
    closed: true,
    places: [
      { x: 1, y: 4 },
      { x: 5, y: 4 },
      { x: 5, y: 5 },
    ],
  };
  const gate: Geometry = { kind: "OPENING", place: { x: 5, y: 0 }, width: 1 };
  const tap: Geometry = { kind: "SPOT", place: { x: 8.4, y: 1 }, radius: 0 };
  const on: Scene = {
    ...scene,
    things: new Map<string, Geometry>([
      ["walk", walk],
      ["gate", gate],
      ["tap", tap],
    ]),
  };

  it("moves with all its corners", () => {
    const state = play(
      [
        { kind: "grab", things: ["walk", "tap"], at: { x: 2, y: 4 } },
        { kind: "to", at: { x: 2.5, y: 4.25 } },
      ],
      on,
    );
    expect(underHand(state).get("walk")).toMatchObject({
      places: [
        { x: 1.5, y: 4.25 },
        { x: 5.5, y: 4.25 },
        { x: 5.5, y: 5.25 },
      ],
    });
    expect(underHand(state).get("tap")).toMatchObject({ place: { x: 8.9, y: 1.25 } });
  });

  it("slides along the edge of the plot if it opens that, into the middle of a side if it is near", () => {
    const to = (at: { x: number; y: number }, free = false) =>
      underHand(
        play(
          [
            { kind: "grab", things: ["gate"], at: { x: 5, y: 0 } },
            { kind: "to", at },
          ],
          { ...on, free },
        ),
      ).get("gate");
    expect(to({ x: 2.1, y: 1 })).toMatchObject({ place: { x: 2, y: 0 } });
    expect(to({ x: 10.4, y: 3.9 })).toMatchObject({ place: { x: 10, y: 4 } });
    expect(to({ x: 2.123, y: 1 }, true)).toMatchObject({ place: { x: 2.123, y: 0 } });
  });

  it("is widened at either end about its middle, never to nothing", () => {
    const to = (x: number) =>
      underHand(
        play(
          [
            { kind: "grab-end", thing: "gate" },
            { kind: "to", at: { x, y: 0 } },
          ],
          on,
        ),
      ).get("gate");
    expect(to(5.62)).toMatchObject({ width: 1.25, place: { x: 5, y: 0 } });
    expect(to(4.4)).toMatchObject({ width: 1.25 });
    expect(to(5)).toMatchObject({ width: 0.25 });
  });

  it("is bent at a corner, or at a new one between two", () => {
    const bend = (action: Action) =>
      underHand(play([action, { kind: "to", at: { x: 3.1, y: 3.4 } }], on)).get("walk");
    expect(bend({ kind: "grab-corner", thing: "walk", corner: 0 })).toMatchObject({
      places: [
        { x: 3, y: 3.5 },
        { x: 5, y: 4 },
        { x: 5, y: 5 },
      ],
    });
    expect(bend({ kind: "grab-side", thing: "walk", corner: 2 })).toMatchObject({
      places: [
        { x: 1, y: 4 },
        { x: 5, y: 4 },
        { x: 5, y: 5 },
        { x: 3, y: 3.5 },
      ],
    });
  });
});
