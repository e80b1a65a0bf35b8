import { describe, expect, it } from "vitest";
import type { Rectangle } from "../api/types";
import { caught, idle, interact, underHand, type Action, type Scene } from "./interaction";

const beans: Rectangle = { centre: { x: 2, y: 2 }, length: 2, width: 1, turn: 0 };
const kale: Rectangle = { centre: { x: 6, y: 5 }, length: 2, width: 1, turn: 0 };
const scene: Scene = {
  outlines: new Map([
    ["beans", beans],
    ["kale", kale],
  ]),
  plot: { left: 0, right: 10, bottom: 0, top: 8 },
  step: 0.25,
  tolerance: 0.05,
  free: false,
};

const play = (actions: Action[], on: Scene = scene) =>
  actions.reduce((state, action) => interact(state, action, on), idle);

describe("the pointer on the sheet", () => {
  it("moves what it grabs, on the grid", () => {
    const state = play([
      { kind: "grab", beds: ["beans"], at: { x: 2, y: 2 } },
      { kind: "to", at: { x: 3.13, y: 2.6 } },
    ]);
    expect(underHand(state).get("beans")?.centre).toEqual({ x: 3.25, y: 2.5 });
  });

  it("moves several together", () => {
    const state = play([
      { kind: "grab", beds: ["beans", "kale"], at: { x: 2, y: 2 } },
      { kind: "to", at: { x: 2.5, y: 2 } },
    ]);
    expect([...underHand(state).keys()]).toEqual(["beans", "kale"]);
    expect(underHand(state).get("kale")?.centre.x).toBe(6.5);
  });

  it("takes a trembling hand for a click", () => {
    const state = play([
      { kind: "grab", beds: ["beans"], at: { x: 2, y: 2 } },
      { kind: "to", at: { x: 2.01, y: 2 } },
    ]);
    expect(underHand(state).get("beans")).toEqual(beans);
  });

  it("sets snapping aside on demand", () => {
    const state = play(
      [
        { kind: "grab", beds: ["beans"], at: { x: 2, y: 2 } },
        { kind: "to", at: { x: 2.333, y: 2.111 } },
      ],
      { ...scene, free: true },
    );
    expect(underHand(state).get("beans")?.centre).toEqual({ x: 2.333, y: 2.111 });
  });

  it("takes one corner of a turned bed along, on the grid of the drawing", () => {
    const outline = { ...beans, turn: 90 };
    const places = [
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 0, y: 1 },
    ];
    const state = play([
      { kind: "grab-corner", bed: "beans", corner: 1, outline, places },
      { kind: "to", at: { x: 1.51, y: 0.49 } },
    ]);
    expect(state).toMatchObject({ kind: "corner", now: [places[0], { x: 2.5, y: 0 }, places[2]] });
  });

  it("stretches an edge on the grid with the other staying", () => {
    const state = play([
      { kind: "grab-edge", bed: "beans", edge: 1 },
      { kind: "to", at: { x: 4.04, y: 2 } },
    ]);
    expect(underHand(state).get("beans")).toEqual({ centre: { x: 2.5, y: 2 }, length: 3, width: 1, turn: 0 });
  });

  it("never stretches a bed inside out", () => {
    const state = play([
      { kind: "grab-edge", bed: "beans", edge: 1 },
      { kind: "to", at: { x: -5, y: 2 } },
    ]);
    expect(underHand(state).get("beans")?.length).toBe(0.25);
  });

  it("turns by steps towards the pointer", () => {
    const state = play([
      { kind: "grab-turn", bed: "beans" },
      { kind: "to", at: { x: 4, y: 2.02 } },
    ]);
    expect(underHand(state).get("beans")?.turn).toBe(90);
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

  it("catches what a marquee touches", () => {
    const state = play([
      { kind: "start-marquee", at: { x: 0, y: 0 } },
      { kind: "to", at: { x: 1.5, y: 3 } },
    ]);
    expect(caught(state, scene.outlines)).toEqual(["beans"]);
    expect(play([{ kind: "start-marquee", at: { x: 0, y: 0 } }, { kind: "release" }])).toBe(idle);
  });
});
