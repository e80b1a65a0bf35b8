// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import type { Feature } from "../api/types";
import { alwaysAnswering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { ShelfSection, type ShelfZone } from "./ShelfSection";
import { words } from "./words";

const wall: Feature = {
  id: "wall",
  name: "Yard wall",
  kind: "WALL",
  places: [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
  ],
  breadth: 0.2,
  margin: 0,
  height: 2,
  depth: 0,
  bareInWinter: false,
  lifetime: {},
};

const zone: ShelfZone = {
  side: "north",
  from: { x: 4, y: 0 },
  to: { x: 0, y: 0 },
  reaches: [
    { height: 0.3, depth: 0.9 },
    { height: 0.4, depth: 0.2 },
    { height: 0.5, depth: 0 },
  ],
  best: { height: 0.3, depth: 0.9 },
};

it("a shelf that shades nothing: the widest on each side, with its section", async () => {
  const none = { ...zone, side: "south", best: { height: 0.3, depth: 0 } };
  const fetched = alwaysAnswering([zone, none]);
  const { desk } = deskFor({ plan: { ...plan, features: [wall] } });
  atDesk(desk, <ShelfSection />);
  await userEvent.selectOptions(screen.getByLabelText(words.shelfFirst), "Mar");
  await userEvent.click(screen.getByRole("button", { name: words.findShelf }));
  const list = await screen.findByText(/On the north side, 4.00 m long/);
  expect(list.textContent).toContain(words.shelfBest("0.90 m", "0.30 m"));
  expect(screen.getByText(/On the south side/).textContent).toContain(words.noShelf);
  expect(screen.getAllByTestId("shelf-view")).toHaveLength(1);
  screen.getByRole("img", { name: words.shelfView("north", "0.90 m", "0.50 m") });
  expect(String(fetched.mock.calls.at(-1)?.[0])).toContain(
    "sun/shelves?season=2028&thing=wall&first=3&last=9",
  );
});

it("says that nothing bears a shelf", () => {
  const { desk } = deskFor({ plan: { ...plan, features: [] } });
  atDesk(desk, <ShelfSection />);
  screen.getByText(words.noBearer);
});
