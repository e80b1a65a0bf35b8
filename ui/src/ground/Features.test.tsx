// @vitest-environment jsdom
import "../testing/setup";
import { expect, it } from "vitest";
import type { Feature } from "../api/types";
import { atDesk, deskFor, plan, report } from "../testing/desk";
import { FeaturesOfTheSeason } from "./Features";

const drawn = (
  <svg>
    <FeaturesOfTheSeason view={{ scale: 50, x: 0, y: 0 }} moved={new Map()} selected={new Set()} />
  </svg>
);

const common = { height: 0, margin: 0, lifetime: {} };
const window: Feature = {
  ...common,
  breadth: 0,
  bareInWinter: false,
  lookout: false,
  id: "w",
  kind: "WINDOW",
  name: "Kitchen window",
  places: [{ x: 4, y: 2 }],
};
const house: Feature = {
  ...common,
  id: "h",
  kind: "HOUSE",
  name: "House",
  places: [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 4 },
  ],
};

it("draws a fence with the opening that a gate makes", () => {
  const fence: Feature = {
    ...common,
    breadth: 0,
    depth: 0,
    bareInWinter: false,
    id: "f",
    kind: "FENCE",
    name: "Fence",
    places: [
      { x: 0, y: 0 },
      { x: 8, y: 0 },
    ],
  };
  const parts = [
    [
      { x: 0, y: 0 },
      { x: 3, y: 0 },
    ],
    [
      { x: 4, y: 0 },
      { x: 8, y: 0 },
    ],
  ];
  const at = { ...plan, features: [fence] };
  const fences = [{ feature: "f", parts, length: 7 }];
  const { desk } = deskFor({ plan: at, report: { ...report, fences } });
  const { container } = atDesk(desk, drawn);
  expect(container.querySelector("path")?.getAttribute("d")?.match(/M/g)).toHaveLength(2);
});

it("draws a window over the house that it is in, whichever was drawn first", () => {
  const { desk } = deskFor({ plan: { ...plan, features: [window, house] } });
  const { container } = atDesk(desk, drawn);
  const names = [...container.querySelectorAll("[data-feature]")].map((each) =>
    each.getAttribute("data-feature"),
  );
  expect(names).toEqual(["House", "Kitchen window"]);
});
