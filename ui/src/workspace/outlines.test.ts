import { expect, it } from "vitest";
import type { Feature, Walk, WayIn } from "../api/types";
import { plan } from "../testing/desk";
import { outlinesOf } from "./outlines";

const gate: WayIn = {
  id: "gate",
  name: "Gate",
  place: { x: 5, y: 0 },
  width: 1,
  swing: "INWARD",
  lifetime: {},
  sill: 0,
};
const wall: Feature = {
  id: "wall",
  name: "Wall",
  kind: "WALL",
  places: [
    { x: 0, y: 4 },
    { x: 3, y: 4 },
    { x: 3, y: 6 },
  ],
  breadth: 0.2,
  margin: 0,
  height: 1,
  depth: 0,
  bareInWinter: false,
  lifetime: {},
};
const corners = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 8 },
  { x: 0, y: 8 },
];
const walk = { id: "walk", name: "Walk", corners } as Walk;
const garden = { ...plan, waysIn: [gate], features: [wall], walks: [walk] };

it("things are outlined by what they are: a walk round its corners, a wall along its line, a gate round its spot", () => {
  const ref = (id: string) => ({ kind: "", id });
  expect(outlinesOf([ref("walk")], garden)).toEqual([{ points: corners, closed: true }]);
  expect(outlinesOf([ref("wall")], garden)).toEqual([{ points: wall.places, closed: false }]);
  const [square] = outlinesOf([ref("gate")], garden);
  expect(square?.closed).toBe(true);
  expect(square?.points[0]).toEqual({ x: 4.6, y: -0.4 });
  expect(outlinesOf([ref("gone")], garden)).toEqual([]);
});
