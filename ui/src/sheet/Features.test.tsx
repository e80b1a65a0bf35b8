// @vitest-environment jsdom
import "../testing/setup";
import { render } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Feature } from "../api/types";
import { Features } from "./Features";

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
  const { container } = render(
    <svg>
      <Features
        features={[fence]}
        fences={[{ feature: "f", parts, length: 7 }]}
        view={{ scale: 10, x: 0, y: 0 }}
        selected={null}
      />
    </svg>,
  );
  expect(container.querySelector("path")?.getAttribute("d")?.match(/M/g)).toHaveLength(2);
});

it("draws a window over the house that it is in, whichever was drawn first", () => {
  const view = { scale: 50, x: 0, y: 0 };
  const { container } = render(
    <svg>
      <Features features={[window, house]} fences={[]} view={view} selected={null} />
    </svg>,
  );
  const drawn = [...container.querySelectorAll("[data-feature]")].map((each) =>
    each.getAttribute("data-feature"),
  );
  expect(drawn).toEqual(["House", "Kitchen window"]);
});
